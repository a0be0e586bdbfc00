package app.diaphan.bench;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/**
 * Twelve made-up marks as they are handed over, on a ground and without an alpha, with what they
 * truly are: type and a ring that are clean, thin, packed as JPEG, with a shadow, with a glow,
 * filled with a gradient, scanned, or white in an outline.
 */
final class Logos {
  static final int WIDTH = 480;
  static final int HEIGHT = 300;
  private static final Frame FRAME = Frame.of(WIDTH, HEIGHT);
  private static final Colour TEAL = Colour.parse("#125c6e");
  private static final Colour ORANGE = Colour.parse("#d4551f");
  private static final Colour CREAM = Colour.parse("#fdf3dc");
  private static final Colour AMBER = Colour.parse("#f0a93f");

  private final Renderer renderer;
  private final List<Logo> all = new ArrayList<>();

  /**
   * @param truth premultiplied red, green, blue and alpha of each pixel, 0–1
   * @param given what is handed over
   */
  record Logo(String name, float[] truth, RasterPicture given) {}

  /** A ground's red, green and blue at a place, 0–1. */
  @FunctionalInterface
  private interface GroundAt {
    double of(int x, int y, int channel);
  }

  private Logos(Renderer renderer) {
    this.renderer = renderer;
  }

  static List<Logo> all(Renderer renderer) throws IOException {
    Logos logos = new Logos(renderer);
    logos.make();
    return logos.all;
  }

  private void make() throws IOException {
    GroundAt white = (x, y, c) -> 1;
    float[] plain = drawn(ring(ORANGE), type("Saltlight", 700, 84, new Paint.Flat(TEAL)));
    add("clean", plain, over(plain, white, 0));
    float[] thin =
        drawn(
            type("Lantern Reach Regatta", 300, 26, new Paint.Flat(TEAL)),
            outlined(ring(ORANGE), ORANGE));
    add("thin type", thin, over(thin, white, 0));
    for (int quality : new int[] {90, 70, 50}) {
      add("JPEG at " + quality, plain, jpeg(over(plain, white, 0), quality / 100f));
    }
    Finish shadow = new Shadow(true, 60, 8, 24, 0, Colour.BLACK, 0.55, UnderFace.AUTOMATIC);
    float[] cast =
        drawn(
            finished(ring(ORANGE), shadow),
            finished(type("Saltlight", 700, 84, new Paint.Flat(TEAL)), shadow));
    add("shadow on white", cast, over(cast, white, 0));
    add("shadow on grey", cast, over(cast, (x, y, c) -> 0.68, 0));
    Finish glow = new Halo(true, 26, 0.1, AMBER, 0.9, UnderFace.AUTOMATIC);
    float[] lit =
        drawn(
            finished(ring(CREAM), glow),
            finished(type("Saltlight", 700, 84, new Paint.Flat(CREAM)), glow));
    add("glow on black", lit, over(lit, (x, y, c) -> 0, 0));
    Paint ramp =
        new Paint.Linear(0, 0, 1, List.of(new Paint.Stop(0, TEAL), new Paint.Stop(1, ORANGE)));
    float[] filled = drawn(ring(ORANGE), type("Saltlight", 700, 84, ramp));
    add("gradient type with noise", filled, over(filled, white, 0.015));
    float[] soft = blurred(plain);
    add("scan", soft, over(soft, Logos::scanned, 0.01));
    Finish line =
        new Outline(
            true,
            3,
            Outline.Side.OUTSIDE,
            Outline.Corners.ROUND,
            new Paint.Flat(TEAL),
            1,
            UnderFace.AUTOMATIC);
    float[] within = drawn(finished(type("Salt", 900, 120, new Paint.Flat(Colour.WHITE)), line));
    add("white in an outline", within, over(within, white, 0));
    add("on blue", plain, over(plain, (x, y, c) -> 0.2 + 0.35 * c, 0));
  }

  private void add(String name, float[] truth, RasterPicture given) {
    all.add(new Logo(name, truth, given));
  }

  private static double scanned(int x, int y, int channel) {
    double right = (x - 0.55 * WIDTH) / WIDTH;
    double down = (y - 0.45 * HEIGHT) / HEIGHT;
    return 0.96 - 0.01 * channel - 0.4 * (right * right + down * down);
  }

  private float[] drawn(Piece... frontToBack) {
    Overlay overlay = new Overlay("Mark", FRAME, List.of(frontToBack));
    return renderer.render(overlay, Canvas.of(FRAME)).pixels();
  }

  private static Place at(double right, double down) {
    return new Place(
        new Hook.OfFrame(Area.FRAME), PinPoint.CENTRE, PinPoint.CENTRE, right, down, 0, false);
  }

  private static PlatePiece ring(Colour colour) {
    return new PlatePiece(
        "ring",
        "Ring",
        true,
        false,
        at(-130.3, -70.6),
        new PlateShape.Ellipse(),
        70,
        70,
        Backing.NOTHING,
        new Paint.Flat(colour),
        Look.PLAIN,
        List.of());
  }

  /** A line instead of a disc. */
  private static Piece outlined(PlatePiece plate, Colour colour) {
    Outline line =
        new Outline(
            true,
            2,
            Outline.Side.CENTRED,
            Outline.Corners.ROUND,
            new Paint.Flat(colour),
            1,
            UnderFace.AUTOMATIC);
    return plate.withLook(Look.PLAIN.withFaceOpacity(0).withFinishes(List.of(line)));
  }

  private static TextPiece type(String words, int weight, double size, Paint paint) {
    return new TextPiece(
        "type",
        "Type",
        true,
        false,
        at(0.4, 40.3),
        List.of(Run.of(words, "Outfit", weight, size)),
        TextSetting.plain(TextAlignment.LEFT),
        new TextBox.Free(),
        paint,
        Look.PLAIN,
        List.of());
  }

  private static Piece finished(Piece piece, Finish finish) {
    return piece.withLook(Look.PLAIN.withFinishes(List.of(finish)));
  }

  /** With 8 bits, as files have. */
  private static RasterPicture over(float[] truth, GroundAt ground, double noise) {
    Random random = new Random(7);
    float[] pixels = new float[truth.length];
    for (int at = 0; at < truth.length; at += 4) {
      int x = at / 4 % WIDTH;
      int y = at / 4 / WIDTH;
      for (int c = 0; c < 3; c++) {
        double mixed =
            truth[at + c]
                + (1 - truth[at + 3]) * ground.of(x, y, c)
                + noise * random.nextGaussian();
        pixels[at + c] = Math.round(255 * Math.clamp(mixed, 0, 1)) / 255f;
      }
      pixels[at + 3] = 1;
    }
    return new RasterPicture(WIDTH, HEIGHT, pixels, false);
  }

  /** As a scanner's optics soften it: a kernel of 1, 2, 1 both ways. */
  private static float[] blurred(float[] sharp) {
    return blurred(blurred(sharp, 4, WIDTH), 4 * WIDTH, HEIGHT);
  }

  private static float[] blurred(float[] from, int stride, int count) {
    float[] to = new float[from.length];
    for (int i = 0; i < from.length; i++) {
      int place = i / stride % count;
      float before = place > 0 ? from[i - stride] : from[i];
      float after = place < count - 1 ? from[i + stride] : from[i];
      to[i] = before / 4 + from[i] / 2 + after / 4;
    }
    return to;
  }

  private static RasterPicture jpeg(RasterPicture picture, float quality) throws IOException {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < WIDTH * HEIGHT; i++) {
      int packed = 0;
      for (int c = 0; c < 3; c++) {
        packed = packed << 8 | Math.round(255 * picture.value(4 * i + c));
      }
      image.setRGB(i % WIDTH, i / WIDTH, packed);
    }
    var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var output = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(quality);
      writer.setOutput(output);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return (RasterPicture) PictureReader.read("mark.jpg", bytes.toByteArray());
  }
}
