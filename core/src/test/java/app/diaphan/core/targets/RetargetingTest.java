package app.diaphan.core.targets;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.core.overlay.reframe.Retargeting;
import app.diaphan.core.overlay.retarget.ForTarget;
import app.diaphan.core.overlay.retarget.PieceChange;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import java.util.List;
import org.junit.jupiter.api.Test;

class RetargetingTest {
  private static final Frame FRAME = Frame.of(400, 200);
  private static final PlatePiece PLATE =
      Samples.plate(
          new PlateShape.Ellipse(),
          Place.at(PinPoint.BOTTOM_LEFT, Area.FRAME, 20, -10),
          100,
          40,
          Samples.flat("#e8a33d"));
  private static final Overlay OVERLAY = Samples.overlay(FRAME, PLATE);

  private static Overlay changed(PieceChange change) {
    return OVERLAY.withForTargets(List.of(new ForTarget("Upright", true, List.of(change))));
  }

  private static Bounds drawn(Overlay overlay, Frame frame) {
    return Samples.renderer().render(overlay, Canvas.of(frame)).drawn();
  }

  @Test
  void aPieceIsMovedAndSizedFromItsPinAtOneTargetOnly() {
    Overlay overlay = changed(new PieceChange(PLATE.id(), true, 30, -5, 1.5));
    assertSame(overlay, Retargeting.of(overlay, "On air"));
    Bounds there = drawn(Retargeting.of(overlay, "Upright"), FRAME);
    assertEquals(new Bounds(50, 125, 200, 185), there);
  }

  @Test
  void aPieceIsDrawnAnewAndNotEnlarged() {
    Overlay twice = Retargeting.of(changed(new PieceChange(PLATE.id(), true, 0, 0, 2)), "Upright");
    Overlay large =
        Samples.overlay(
            FRAME, Samples.plate(PLATE.shape(), PLATE.place(), 200, 80, Samples.flat("#e8a33d")));
    assertArrayEquals(
        Samples.renderer().render(large, Canvas.of(FRAME)).pixels(),
        Samples.renderer().render(twice, Canvas.of(FRAME)).pixels());
  }

  @Test
  void aPieceCanBeHiddenAtATargetAndIsNeverShownAgainstItsWill() {
    Overlay overlay = changed(new PieceChange(PLATE.id(), false, 0, 0, 1));
    assertTrue(drawn(Retargeting.of(overlay, "Upright"), FRAME).empty());
    Overlay hidden = Pieces.replaced(OVERLAY, PLATE.id(), piece -> piece.withShown(false));
    Overlay moved =
        hidden.withForTargets(
            List.of(
                new ForTarget(
                    "Upright", true, List.of(new PieceChange(PLATE.id(), true, 5, 0, 1)))));
    assertTrue(drawn(Retargeting.of(moved, "Upright"), FRAME).empty());
  }

  @Test
  void changesFollowThePieceToAnotherMasterFrame() {
    Overlay overlay = changed(new PieceChange(PLATE.id(), true, 30, -5, 1.5));
    Overlay larger = Reframed.of(overlay, Frame.of(800, 400));
    PieceChange change = larger.forTargets().getFirst().changes().getFirst();
    assertEquals(new PieceChange(PLATE.id(), true, 60, -10, 1.5), change);
    assertEquals(
        new Bounds(100, 250, 400, 370), drawn(Retargeting.of(larger, "Upright"), larger.frame()));
  }

  @Test
  void whatIsSaidOfPiecesThatAreGoneIsForgotten() {
    Overlay overlay = changed(new PieceChange(PLATE.id(), true, 30, 0, 1));
    assertEquals(List.of(), overlay.withStack(List.of()).forTargets());
    assertEquals(List.of(), changed(PieceChange.none(PLATE.id())).forTargets());
    Overlay away = OVERLAY.withForTargets(List.of(new ForTarget("Upright", false, List.of())));
    assertFalse(Retargeting.delivers(away, "Upright"));
    assertTrue(Retargeting.delivers(away, "On air"));
  }

  @Test
  void contradictionsAreRefused() {
    PieceChange one = new PieceChange(PLATE.id(), true, 1, 0, 1);
    PieceChange two = new PieceChange(PLATE.id(), true, 2, 0, 1);
    assertThrows(InvalidInput.class, () -> new ForTarget("Upright", true, List.of(one, two)));
    ForTarget first = new ForTarget("Upright", true, List.of(one));
    assertThrows(InvalidInput.class, () -> OVERLAY.withForTargets(List.of(first, first)));
    assertThrows(InvalidInput.class, () -> new PieceChange("plate", true, 0, 0, 0));
  }
}
