package app.diaphan.core.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.FilledPiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.WordedPiece;
import app.diaphan.core.overlay.reframe.Retargeting;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.WordSlots;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.function.UnaryOperator;

/**
 * Fills an overlay with a row. What comes of it is an overlay like any other, so whatever draws,
 * checks and delivers knows nothing of rows.
 */
public final class Filling {
  private final Columns columns;
  private final List<String> pictures;
  private final House house;

  /**
   * @param pictures the names of the package's pictures
   */
  public Filling(Columns columns, Collection<String> pictures, House house) {
    this.columns = columns;
    this.pictures = List.copyOf(pictures);
    this.house = house;
  }

  public Columns columns() {
    return columns;
  }

  /** What cells mean on an overlay. */
  CellValues values(Overlay overlay) {
    return new CellValues(pictures, house.seenBy(overlay), overlay.dress());
  }

  /** The overlay as it is shown without a row: what is left open is as it is designed. */
  public static Overlay without(Overlay overlay) {
    return without(overlay, "");
  }

  /**
   * The same, but with the words of one piece as they are typed.
   *
   * @param typed the id of that piece; empty for none
   */
  public static Overlay without(Overlay overlay, String typed) {
    return overlay.withStack(
        Pieces.mapped(
            overlay.stack(),
            piece -> {
              Piece closed = piece.slots().isEmpty() ? piece : piece.withSlots(List.of());
              return closed instanceof WordedPiece worded && !worded.id().equals(typed)
                  ? withWords(worded, WordSlots::unfilled)
                  : closed;
            }));
  }

  /** The overlay with what the row's cells say, and with what is different in this row only. */
  public FilledRow fill(Overlay overlay, Row row) {
    return fill(overlay, row, "");
  }

  /**
   * @param typed the id of a text whose words stay as they are typed; empty for none
   */
  public FilledRow fill(Overlay overlay, Row row, String typed) {
    return fill(overlay, row, typed, (column, cell) -> cell);
  }

  /**
   * The overlay in the colours, pictures and finishes of the row, with the names of columns for
   * words; where the row has no words there are none.
   */
  Overlay dressed(Overlay overlay, Row row) {
    return fill(overlay, row, "", (column, cell) -> cell.isBlank() ? "" : column).overlay();
  }

  private FilledRow fill(
      Overlay overlay, Row row, String typed, BinaryOperator<String> wordsOfCell) {
    One one = new One(overlay, row, typed, wordsOfCell);
    Overlay filled = overlay.withStack(Pieces.mapped(overlay.stack(), one::piece));
    filled = filled.withStack(Pieces.mapped(filled.stack(), new Emptied(overlay, filled)::piece));
    filled = Retargeting.changed(filled, row.changes());
    return new FilledRow(filled, one.troubles);
  }

  private static WordedPiece withWords(WordedPiece worded, UnaryOperator<String> words) {
    WordedPiece other = worded.withStretches(words);
    return other.equals(worded) ? worded : other;
  }

  /** The filling of one overlay with one row. */
  private final class One {
    private final Overlay overlay;
    private final Row row;
    private final String typed;
    private final CellValues values;

    /** Of a column as it is asked for, and its cell. */
    private final BinaryOperator<String> wordsOfCell;

    private final List<RowTrouble> troubles = new ArrayList<>();

    One(Overlay overlay, Row row, String typed, BinaryOperator<String> wordsOfCell) {
      this.wordsOfCell = wordsOfCell;
      this.overlay = overlay;
      values = values(overlay);
      this.row = row;
      this.typed = typed;
    }

    Piece piece(Piece designed) {
      Piece piece = designed;
      for (Slot slot : designed.slots()) {
        piece = filled(piece, slot);
      }
      if (piece instanceof WordedPiece worded && !worded.id().equals(typed)) {
        piece = filledWords(worded);
      }
      return piece.slots().isEmpty() ? piece : piece.withSlots(List.of());
    }

    private WordedPiece filledWords(WordedPiece worded) {
      try {
        return withWords(worded, words -> WordSlots.filled(words, this::words));
      } catch (InvalidInput e) {
        troubles.add(RowTrouble.ofRow(e.getMessage()));
        return withWords(worded, WordSlots::unfilled);
      }
    }

    private String words(String asked) {
      return cell(asked).map(cell -> wordsOfCell.apply(asked, cell)).orElse("{" + asked + "}");
    }

    /** Nothing, and a trouble, if the roster has no such column. */
    private Optional<String> cell(String asked) {
      Optional<Integer> place = columns.place(asked);
      if (place.isEmpty()) {
        RowTrouble trouble =
            RowTrouble.ofRow(
                "\""
                    + overlay.name()
                    + "\" asks for a column \""
                    + asked
                    + "\", which the roster does not have; bind it to one that it has.");
        if (!troubles.contains(trouble)) {
          troubles.add(trouble);
        }
      }
      return place.map(row::cell);
    }

    /** A cell that is empty leaves a piece as it is designed, but for its picture: it has none. */
    private Piece filled(Piece piece, Slot slot) {
      Optional<String> found = slot.asked().flatMap(this::cell);
      if (found.isEmpty()) {
        return piece;
      }
      String cell = found.get().strip();
      return switch (slot) {
        case Slot.PictureOf _ ->
            cell.isEmpty()
                ? piece.withShown(false)
                : meant(slot, values.picture(cell))
                    .map(name -> withPicture(piece, name))
                    .orElse(piece);
        case Slot.ColourOf(_, Slot.ColourPlace place, int index) ->
            cell.isEmpty()
                ? piece
                : meant(slot, values.colour(cell))
                    .map(colour -> Recoloured.of(piece, place, index, colour))
                    .orElse(piece);
        case Slot.ShownBy _ ->
            meant(slot, values.yesOrNo(cell))
                .map(shown -> piece.withShown(piece.shown() && shown))
                .orElse(piece);
        case Slot.FinishesOf _ ->
            cell.isEmpty()
                ? piece
                : meant(slot, values.finishes(cell))
                    .map(
                        set ->
                            piece.withLook(
                                piece
                                    .look()
                                    .withFinishes(set.on(overlay.frame()))
                                    .following(set.name())))
                    .orElse(piece);
        case Slot.ShownWithWords _ -> piece; // Once all words are there: see Emptied.
      };
    }

    private <T> Optional<T> meant(Slot slot, CellValues.Meaning<T> meaning) {
      if (meaning.value().isEmpty()) {
        String column = columns.names().get(slot.asked().flatMap(columns::place).orElseThrow());
        troubles.add(new RowTrouble(column, meaning.sentence(), meaning.instead()));
      }
      return meaning.value();
    }
  }

  private static Piece withPicture(Piece piece, String name) {
    return switch (piece) {
      case PicturePiece picture -> picture.withPicture(name);
      case FilledPiece filled -> filled.withPaint(filled.paint().withPictureName(name));
      case GroupPiece group -> group;
    };
  }

  /** Hides what is shown with its words only and has none now. */
  private static final class Emptied {
    private final Set<String> withWords = new HashSet<>();
    private final Overlay filled;

    Emptied(Overlay designed, Overlay filled) {
      this.filled = filled;
      Pieces.all(designed.stack())
          .filter(piece -> piece.slots().contains(new Slot.ShownWithWords()))
          .forEach(piece -> withWords.add(piece.id()));
    }

    Piece piece(Piece piece) {
      return withWords.contains(piece.id()) && wordless(piece) ? piece.withShown(false) : piece;
    }

    private boolean wordless(Piece piece) {
      List<WordedPiece> worded =
          switch (piece) {
            case WordedPiece one -> List.of(one);
            case GroupPiece group -> worded(group.stack());
            case PlatePiece plate -> backed(plate);
            case PicturePiece picture -> List.of();
          };
      return !worded.isEmpty() && worded.stream().allMatch(one -> one.words().isBlank());
    }

    private List<WordedPiece> backed(PlatePiece plate) {
      return plate.backing().pieces().stream()
          .flatMap(id -> Pieces.find(filled.stack(), id).stream())
          .flatMap(piece -> worded(List.of(piece)).stream())
          .toList();
    }

    private static List<WordedPiece> worded(List<Piece> stack) {
      return Pieces.all(stack)
          .filter(WordedPiece.class::isInstance)
          .map(WordedPiece.class::cast)
          .toList();
    }
  }
}
