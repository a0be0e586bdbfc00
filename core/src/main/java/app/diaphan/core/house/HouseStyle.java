package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.OwnMargin;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import java.util.List;

/**
 * What the overlays of a package share.
 *
 * @param colours the package's own colours, in the order in which they are offered
 * @param ownMargin the margin lines that new overlays start with
 * @param finishSets finishes that pieces follow by name
 */
public record HouseStyle(
    List<NamedColour> colours, OwnMargin ownMargin, List<FinishSet> finishSets) {
  public static final HouseStyle PLAIN = new HouseStyle(List.of(), OwnMargin.NONE, List.of());
  private static final int MOST_COLOURS = 60;
  private static final int MOST_SETS = 60;

  /** A colour with the name the programme knows it by. */
  public record NamedColour(String name, Colour colour) {
    public NamedColour {
      Names.check(name, 60, "A colour's name");
      Require.present(colour, "The colour \"" + name + "\"");
    }
  }

  public HouseStyle {
    Require.present(colours, "The colours of the package");
    Require.present(ownMargin, "The own margin of the package");
    if (colours.size() > MOST_COLOURS) {
      throw new InvalidInput(
          Sentence.of(
              "A package keeps at most %d colours of its own; take one away first.", MOST_COLOURS));
    }
    Require.present(finishSets, "The finish sets of the package");
    if (finishSets.size() > MOST_SETS) {
      throw new InvalidInput(
          Sentence.of("A package keeps at most %d finish sets; take one away first.", MOST_SETS));
    }
    if (finishSets.stream().map(FinishSet::name).distinct().count() < finishSets.size()) {
      throw new InvalidInput("Two finish sets have the same name; give one another.");
    }
    colours = List.copyOf(colours);
    finishSets = List.copyOf(finishSets);
  }

  /**
   * The overlay with the present finishes on all pieces that follow a set. What follows a set that
   * is no longer there keeps the finishes it had.
   */
  public Overlay dressed(Overlay overlay) {
    boolean follows =
        Pieces.all(overlay.stack()).anyMatch(piece -> !piece.look().follows().isEmpty());
    return follows
        ? overlay.withStack(
            Pieces.mapped(overlay.stack(), piece -> dressed(piece, overlay.frame())))
        : overlay;
  }

  /**
   * The overlay in other finishes: those of a set on all pieces that follow one, or on all that
   * stand by themselves if none does.
   *
   * @param name of the set
   * @throws InvalidInput if there is no such set
   */
  public Overlay inFinishes(Overlay overlay, String name) {
    FinishSet set =
        finishSets.stream()
            .filter(one -> one.name().equals(name))
            .findFirst()
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "The package has no finish set \"%s\"; it has %s.",
                            name, finishSets.stream().map(FinishSet::name).toList())));
    boolean follow =
        Pieces.all(overlay.stack()).anyMatch(piece -> !piece.look().follows().isEmpty());
    return overlay.withStack(
        follow
            ? Pieces.mapped(
                overlay.stack(),
                piece -> piece.look().follows().isEmpty() ? piece : in(set, piece, overlay.frame()))
            : overlay.stack().stream().map(piece -> in(set, piece, overlay.frame())).toList());
  }

  private static Piece in(FinishSet set, Piece piece, Frame frame) {
    return piece.withLook(piece.look().withFinishes(set.on(frame)));
  }

  private Piece dressed(Piece piece, Frame frame) {
    return finishSets.stream()
        .filter(set -> set.name().equals(piece.look().follows()))
        .findFirst()
        .map(set -> in(set, piece, frame))
        .orElse(piece);
  }
}
