package app.diaphan.core.house;

import app.diaphan.core.Samples;
import app.diaphan.core.arrange.Arrangement;
import app.diaphan.core.arrange.Arranger;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.copy.Copies;
import app.diaphan.core.overlay.finish.Outline;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** An original of a lower third, its copies, and changes of both. */
final class LibrarySamples {
  private LibrarySamples() {}

  static final House HOUSE =
      House.named("Regatta")
          .withColours(
              List.of(
                  new HouseColour(
                      "Buoy", List.of(), "", Colour.parse("#e8a33d"), Colour.parse("#ffd68a"))))
          .withFinishSets(
              List.of(
                  new FinishSet(
                      "Edge", 1080, List.of(Samples.outline(6, Outline.Side.OUTSIDE, "#000000")))));

  static final Arranger ARRANGER = new Arranger(Samples.renderer());

  /** A name and a role on a plate that backs both. */
  static Overlay lowerThird() {
    TextPiece name =
        Samples.text(
            "name",
            "First Last",
            Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0),
            60,
            Samples.flat("#ffffff"));
    TextPiece role =
        Samples.text(
            "role",
            "What they do",
            new Place(
                new Hook.OfPiece("name"), PinPoint.BOTTOM_LEFT, PinPoint.TOP_LEFT, 0, 4, 0, false),
            30,
            Samples.flat("#e8a33d Buoy"));
    PlatePiece plate =
        Samples.plate(
                new PlateShape.Rectangle(),
                Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0),
                300,
                90,
                Samples.flat("#14303c"))
            .withBacking(new Backing(List.of("name", "role"), 20, 10, 20, 10));
    return Samples.overlay(
        Samples.HD, Samples.group("third", Samples.centre(), 1, name, role, plate));
  }

  static House with(OriginalMade... made) {
    return HOUSE.withOriginals(List.of(made).stream().map(OriginalMade::original).toList());
  }

  static OriginalMade made() {
    return OriginalMade.of(lowerThird(), "third", "Speaker", Optional.empty(), List.of());
  }

  /** A copy of the speaker with words of its own, laid on another overlay. */
  static Overlay laid(Frame frame, String words) {
    Overlay laid = laidOn(new Overlay("Harbour", frame, List.of()), made().original());
    return changed(laid, "text-1", piece -> ((TextPiece) piece).withWords(words));
  }

  static Overlay laidOn(Overlay overlay, HouseOriginal original) {
    return ARRANGER
        .arrange(
            overlay,
            List.of(),
            new Arrangement.Pasted(List.of(original.copy()), original.lines(), 0, 0))
        .overlay();
  }

  static Overlay changed(Overlay overlay, String id, UnaryOperator<Piece> other) {
    return Pieces.replaced(overlay, id, other);
  }

  /** The house after one piece of the original was changed where it was made. */
  static House after(UnaryOperator<Overlay> change) {
    OriginalMade before = made();
    return with(
        OriginalMade.of(
            change.apply(before.overlay()),
            "third",
            "Speaker",
            Optional.of(before.original()),
            List.of()));
  }

  static House darkPlate() {
    return after(
        overlay ->
            changed(
                overlay,
                "plate",
                piece -> ((PlatePiece) piece).withPaint(Samples.flat("#301830"))));
  }

  static GroupPiece copy(Overlay overlay) {
    return (GroupPiece) overlay.stack().getFirst();
  }

  static List<String> own(Overlay overlay) {
    GroupPiece copy = copy(overlay);
    return Copies.own(copy, (CopyOf.OfOriginal) copy.copyOf()).stream()
        .map(thing -> thing.name() + ": " + thing.what())
        .toList();
  }

  static TextPiece text(Overlay overlay, String id) {
    return (TextPiece) Pieces.get(overlay, id);
  }

  static PlatePiece plate(Overlay overlay, String id) {
    return (PlatePiece) Pieces.get(overlay, id);
  }

  /** An original of all that is on an overlay and a copy of another one. */
  static OriginalMade holding(Overlay overlay, HouseOriginal other, String name) {
    Overlay both = laidOn(overlay, other);
    Overlay grouped =
        ARRANGER
            .arrange(
                both, both.stack().stream().map(Piece::id).toList(), new Arrangement.Grouped(name))
            .overlay();
    return OriginalMade.of(grouped, copy(grouped).id(), name, Optional.empty(), List.of());
  }
}
