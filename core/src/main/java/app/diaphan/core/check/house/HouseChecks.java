package app.diaphan.core.check.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Whether an overlay keeps to its house, and what puts it right. */
public final class HouseChecks {
  private HouseChecks() {}

  /**
   * @param wanted which checks are made; those that are none of a house are passed over
   * @return in the order of the stack, marks last
   */
  public static List<Finding> of(
      Renderer renderer, Overlay overlay, Brand brand, Set<CheckKind> wanted) {
    HouseColourCheck colours = new HouseColourCheck(overlay, brand);
    HouseFontCheck fonts = new HouseFontCheck(overlay, brand);
    List<PlacedPiece> shown = shown(renderer, overlay);
    List<Finding> found = new ArrayList<>();
    for (PlacedPiece placed : shown) {
      if (wanted.contains(CheckKind.HOUSE_COLOUR)) {
        colours.of(placed.piece()).ifPresent(found::add);
      }
      if (wanted.contains(CheckKind.HOUSE_FONT)) {
        fonts.of(placed.piece()).ifPresent(found::add);
      }
    }
    found.addAll(new MarkChecks(overlay, brand, shown).of(wanted));
    return found;
  }

  private static List<PlacedPiece> shown(Renderer renderer, Overlay overlay) {
    return shown(renderer.place(overlay, Canvas.of(overlay.frame())).stream()).toList();
  }

  private static Stream<PlacedPiece> shown(Stream<PlacedPiece> placed) {
    return placed
        .filter(one -> one.piece().shown())
        .flatMap(one -> Stream.concat(Stream.of(one), shown(one.inside().stream())));
  }

  /**
   * The overlay with one thing put right that was found.
   *
   * @param id of the piece
   * @throws InvalidInput if there is no such piece, or the check has no mend
   */
  public static Overlay mended(
      Renderer renderer, Overlay overlay, Brand brand, CheckKind kind, String id) {
    Piece piece = Pieces.get(overlay, id);
    MarkChecks marks = new MarkChecks(overlay, brand, shown(renderer, overlay));
    Piece mended =
        switch (kind) {
          case HOUSE_COLOUR -> new HouseColourCheck(overlay, brand).mended(piece);
          case HOUSE_FONT -> new HouseFontCheck(overlay, brand).mended(piece);
          case MARK_SIZE -> marks.mended(piece, MarkChecks::largeEnough);
          case MARK_STRETCHED -> marks.mended(piece, MarkChecks::inProportion);
          case MARK_COLOUR -> marks.mended(piece, MarkChecks::inOwnColours);
          case MARK_CLEAR_SPACE -> marks.mended(piece, MarkChecks::aside);
          case TITLE_SAFE,
              CUT_BY_FRAME,
              SMALL_WORDS,
              LEGIBILITY,
              UNREADABLE_CODE,
              THIN_LINES,
              SMEARED_COLOURS,
              LOW_RESOLUTION,
              FORGOTTEN_GROUND,
              SPECKS,
              NEARLY_INVISIBLE,
              DRAWING,
              HIDDEN,
              BANDING,
              HALVED_EDGES,
              NO_TARGET ->
              throw new InvalidInput("What this check finds is put right by hand.");
        };
    return Pieces.replaced(overlay, id, same -> mended);
  }
}
