package app.diaphan.core.interchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Overlays written as SVG are read by the SVG library and look as they were drawn. */
class SvgFileTest {
  private static final Frame FRAME = Frame.of(300, 200);

  private static final String PENNANT =
      """
      <svg xmlns="http://www.w3.org/2000/svg" width="60" height="40">
      <rect width="60" height="40" fill="#124b5c"/><path d="M0 0L60 20L0 40Z" fill="#f0a93f"/></svg>""";

  private static final Map<String, Picture> PICTURES =
      Map.of(
          "pennant.svg",
          PictureReader.read("pennant.svg", PENNANT.getBytes(StandardCharsets.UTF_8)),
          "photo.png",
          checks());

  private static RasterPicture checks() {
    float[] pixels = new float[4 * 40 * 30];
    for (int i = 0; i < 1200; i++) {
      float alpha = i % 40 < 20 ? 1 : 0.5f;
      pixels[4 * i] = (i / 40 < 15 ? 0.8f : 0.2f) * alpha;
      pixels[4 * i + 1] = 0.4f * alpha;
      pixels[4 * i + 3] = alpha;
    }
    return new RasterPicture(40, 30, pixels, true);
  }

  private static Renderer renderer() {
    return new Renderer(
        ShippedFonts.shelf(), name -> Optional.ofNullable(PICTURES.get(name)), Memory.NONE);
  }

  private static Place at(double right, double down) {
    return Place.at(PinPoint.TOP_LEFT, Area.FRAME, right, down);
  }

  private static Piece ellipse(Paint paint) {
    return Samples.plate(
        new PlateShape.Ellipse(), at(40.5, 30.25).turned(17, false), 180, 110, paint);
  }

  static List<Piece> pieces() {
    Paint.Stop first = new Paint.Stop(0.1, Colour.parse("#f0a93f"));
    Paint.Stop last = new Paint.Stop(0.9, Colour.parse("#06202e"));
    Paint.Stop clear = new Paint.Stop(0.9, Colour.parse("#06202e00"));
    Place inner = Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0);
    // The reader thins the parts of a group one by one, so that they must not overlap here.
    Piece group =
        Samples.group(
            "g",
            at(80, 40),
            1.4,
            Samples.box("front", inner, 60, 30),
            Samples.text("t", "Tern", inner.withOffset(0, 34), 24, Samples.flat("#ffffff")));
    Piece plate = ellipse(Samples.flat("#e8a33d99"));
    return List.of(
        plate,
        plate.withLook(plate.look().withFaceOpacity(0.5).withOverallOpacity(0.6)),
        ellipse(new Paint.Linear(30, 0.2, 0.8, List.of(first, last))),
        ellipse(new Paint.Linear(0, 0, 1, List.of(first, clear))),
        ellipse(new Paint.Radial(0.4, 0.6, 0.9, false, List.of(first, last))),
        ellipse(new Paint.Radial(0.5, 0.5, 1, true, List.of(first, last))),
        Samples.text("t", "Osier Point", at(20, 60), 48, Samples.flat("#fbf6ea")),
        group.withLook(group.look().withOverallOpacity(0.7)),
        Samples.code("osier", at(60, 30), 29 * 4),
        Samples.code("osier", at(60.3, 30.6).turned(20, true), 120)
            .withPaint(Samples.flat("#ffffff00")),
        Samples.picture("pennant.svg", at(50, 40), 150, 100),
        Samples.picture("photo.png", at(100, 60), 40, 30));
  }

  @ParameterizedTest
  @MethodSource("pieces")
  void whatIsReadBackLooksAsItWasDrawn(Piece piece) {
    Overlay overlay = Samples.overlay(FRAME, piece);
    String svg = SvgFile.of(renderer(), overlay);
    VectorPicture back =
        (VectorPicture) PictureReader.read("back.svg", svg.getBytes(StandardCharsets.UTF_8));
    assertEquals(FRAME.width(), back.ownWidth());
    Renderer reading = new Renderer(ShippedFonts.shelf(), name -> Optional.of(back), Memory.NONE);
    Overlay shown = Samples.overlay(FRAME, Samples.picture("back.svg", at(0, 0), 300, 200));
    float[] expected = renderer().render(overlay, Canvas.of(FRAME)).pixels();
    float[] found = reading.render(shown, Canvas.of(FRAME)).pixels();
    double sum = 0;
    for (int i = 0; i < expected.length; i++) {
      sum += Math.abs(expected[i] - found[i]);
      assertEquals(expected[i], found[i], 10.0 / 255, "pixel " + i / 4 + " of " + i % 4);
    }
    assertTrue(255 * sum / expected.length < 0.25, "in the mean " + 255 * sum / expected.length);
  }

  @Test
  void namesCannotBreakTheFile() {
    Overlay overlay = new Overlay("<b>&\"quoted\"", FRAME, List.of());
    String svg = SvgFile.of(renderer(), overlay);
    assertTrue(svg.contains("<title>&lt;b&gt;&amp;&quot;quoted&quot;</title>"), svg);
  }

  static List<Piece> uncarried() {
    Piece plate = ellipse(Samples.flat("#e8a33d"));
    Paint.Stop first = new Paint.Stop(0, Colour.parse("#f0a93f"));
    Paint.Stop last = new Paint.Stop(1, Colour.parse("#06202e"));
    return List.of(
        plate.withLook(plate.look().withPunch(Punch.GROUP)),
        plate.withLook(
            plate
                .look()
                .withFinishes(
                    List.of(new Halo(true, 10, 0.3, Colour.BLACK, 0.5, UnderFace.AUTOMATIC)))),
        ellipse(new Paint.Conic(0.5, 0.5, 0, List.of(first, last))));
  }

  @ParameterizedTest
  @MethodSource("uncarried")
  void whatSvgCannotCarryIsRefusedByName(Piece piece) {
    InvalidInput refused =
        assertThrows(
            InvalidInput.class, () -> SvgFile.of(renderer(), Samples.overlay(FRAME, piece)));
    assertTrue(refused.getMessage().contains("\"" + piece.name() + "\""), refused.getMessage());
    assertTrue(refused.getMessage().contains("PNG or TIFF"), refused.getMessage());
  }
}
