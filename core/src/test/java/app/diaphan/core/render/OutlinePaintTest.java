package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.RecentMemory;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.Pattern;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.picture.RasterPicture;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Lines along an edge that are filled with more than a colour. */
class OutlinePaintTest {
  private static final Frame FRAME = Frame.of(200, 120);
  private static final Paint.Linear TO_BLUE =
      new Paint.Linear(
          0,
          List.of(
              new Paint.Stop(0, Colour.parse("#ff0000")),
              new Paint.Stop(1, Colour.parse("#0000ff"))));
  private final Renderer renderer = Samples.renderer();

  /** From 50 to 150 across and from 40 to 80 down. */
  private static PlatePiece plate(Paint paint, Outline... outlines) {
    return Samples.plate(new PlateShape.Rectangle(), Samples.centre(), 100, 40, paint)
        .withLook(Look.PLAIN.withFinishes(List.of(outlines)));
  }

  private static Outline outline(Outline.Side side, double width, Paint paint) {
    return new Outline(true, width, side, Outline.Corners.MITRED, paint, 1, UnderFace.AUTOMATIC);
  }

  private static float[] drawn(Renderer with, Piece... pieces) {
    return with.render(Samples.overlay(FRAME, pieces), Canvas.of(FRAME)).pixels();
  }

  private static float[] at(float[] pixels, int x, int y) {
    int at = 4 * (y * 200 + x);
    return Arrays.copyOfRange(pixels, at, at + 4);
  }

  @ParameterizedTest
  @EnumSource(Outline.Side.class)
  void aGradientIsMeasuredByTheBoxOfThePiece(Outline.Side side) {
    float[] pixels = drawn(renderer, plate(Samples.flat("#00ff00"), outline(side, 8, TO_BLUE)));
    float[] plain = drawn(renderer, plate(TO_BLUE));
    int y = side == Outline.Side.OUTSIDE ? 36 : 42;
    for (int x = 52; x < 148; x++) {
      float[] line = at(pixels, x, y);
      float[] there = at(plain, x, 60);
      for (int c = 0; c < 4; c++) {
        assertEquals(there[c], line[c], 1e-4, "channel " + c + " at " + x);
      }
    }
    // Beyond the box the outermost colours go on.
    if (side == Outline.Side.OUTSIDE) {
      assertEquals(1, at(pixels, 44, 60)[0], 1e-4);
      assertEquals(1, at(pixels, 155, 60)[2], 1e-4);
    }
  }

  @Test
  void theLineOfAGroupIsMeasuredByTheGroup() {
    GroupPiece group =
        Samples.group(
            "g",
            Samples.centre(),
            2,
            Samples.box("a", Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0), 10, 10),
            Samples.box("b", Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 30, 0), 10, 10));
    float[] pixels =
        drawn(
            renderer,
            group.withLook(
                Look.PLAIN.withFinishes(List.of(outline(Outline.Side.OUTSIDE, 2, TO_BLUE)))));
    // The group is 80 px wide, from 60 to 140; its line over the middle of each box:
    assertEquals(1 - 10.5 / 80, at(pixels, 70, 48)[0], 1e-3);
    assertEquals(1 - 70.5 / 80, at(pixels, 130, 48)[0], 1e-3);
  }

  @Test
  void clearStopsThinTheLine() {
    Paint fading =
        new Paint.Linear(
            0,
            List.of(new Paint.Stop(0, Colour.parse("#ffffff00")), new Paint.Stop(1, Colour.WHITE)));
    float[] pixels =
        drawn(renderer, plate(Samples.flat("#00ff00"), outline(Outline.Side.OUTSIDE, 8, fading)));
    assertEquals(0, at(pixels, 44, 60)[3], 1e-4);
    assertEquals(0.5, at(pixels, 100, 36)[3], 0.01);
    assertEquals(1, at(pixels, 155, 60)[3], 1e-4);
  }

  @Test
  void aPictureFillsALineAndIsMissedIfItIsGone() {
    RasterPicture teal = new RasterPicture(1, 1, new float[] {0, 0.5f, 0.5f, 1}, false);
    Map<String, Picture> pictures = Map.of("teal.png", teal);
    Paint.Texture texture = new Paint.Texture("teal.png", 10, 0, 0, 0);
    PlatePiece plate = plate(Samples.flat("#00ff00"), outline(Outline.Side.OUTSIDE, 8, texture));
    Overlay overlay = Samples.overlay(FRAME, plate);
    PictureShelf shelf = name -> Optional.ofNullable(pictures.get(name));
    Rendering there = renderer.with(shelf).render(overlay, Canvas.of(FRAME));
    assertEquals(List.of(), there.troubles());
    assertEquals(0.5f, at(there.pixels(), 44, 60)[1], 1e-4);
    assertEquals(List.of("teal.png"), List.copyOf(PictureNames.in(overlay.stack())));
    assertEquals(
        List.of("new.png"),
        List.copyOf(
            PictureNames.in(
                PictureNames.replaced(overlay.stack(), Map.of("teal.png", "new.png")))));

    Rendering gone = renderer.with(PictureShelf.EMPTY).render(overlay, Canvas.of(FRAME));
    assertTrue(gone.troubles().getFirst().prevents());
    assertTrue(gone.troubles().getFirst().sentence().contains("no picture \"teal.png\""));
    assertEquals(0, at(gone.pixels(), 44, 60)[3]);
  }

  @Test
  void aLineWithAnotherPictureIsDrawnAnew() {
    Renderer remembering =
        new Renderer(ShippedFonts.shelf(), PictureShelf.EMPTY, new RecentMemory(64 << 20));
    Paint.Texture texture = new Paint.Texture("a.png", 10, 0, 0, 0);
    PlatePiece plate = plate(Samples.flat("#00ff00"), outline(Outline.Side.OUTSIDE, 8, texture));
    for (float grey : new float[] {0.25f, 0.75f}) {
      RasterPicture picture = new RasterPicture(1, 1, new float[] {grey, grey, grey, 1}, false);
      PictureShelf shelf = name -> Optional.of(picture);
      assertEquals(grey, at(drawn(remembering.with(shelf), plate), 44, 60)[1], 1e-4);
    }
  }

  @Test
  void lengthsOfItsPaintGrowWithThePiece() {
    Paint.Patterned dots =
        new Paint.Patterned(Pattern.DOTS, 12, 30, 3, -2, Colour.WHITE, Colour.BLACK);
    Outline twice = outline(Outline.Side.OUTSIDE, 8, dots).scaled(2);
    assertEquals(16, twice.width());
    assertEquals(
        new Paint.Patterned(Pattern.DOTS, 24, 30, 6, -4, Colour.WHITE, Colour.BLACK),
        twice.paint());
  }
}
