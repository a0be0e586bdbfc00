package app.diaphan.bench;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.cutout.CutOuts;
import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.CutOut.GroundReach;
import app.diaphan.core.overlay.cutout.Stroke;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Outlines;
import app.diaphan.core.raster.Plane;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/**
 * Cut-outs of a mark of two colours over known grounds: how far alpha is off in the mean and colour
 * by the edge at worst, both in 255ths, and how long two megapixels take.
 */
final class CutOutBench {
  private static final int SIZE = 400;
  private static final float[][] COLOURS = {{0.07f, 0.36f, 0.43f}, {0.83f, 0.33f, 0.12f}};

  /** Colour is compared from this alpha on; below it 8 bits tell too little of it. */
  private static final float LEAST = 0.1f;

  private CutOutBench() {}

  @FunctionalInterface
  private interface GroundAt {
    double of(int x, int y, int channel);
  }

  static List<Line> run() throws Exception {
    float[] alpha = new float[SIZE * SIZE];
    int[] part = new int[SIZE * SIZE];
    mark(alpha, part);
    Map<String, RasterPicture> given = new LinkedHashMap<>();
    RasterPicture white = over(alpha, part, (x, y, c) -> 1);
    given.put("flat white", white);
    given.put("flat blue", over(alpha, part, (x, y, c) -> 0.2 + 0.35 * c));
    given.put("gradient", over(alpha, part, (x, y, c) -> 0.95 - 0.0008 * x - 0.0005 * y));
    given.put(
        "noise of 1 %",
        over(
            alpha,
            part,
            (x, y, c) ->
                0.9 + 0.014 * Math.sin(12.9898 * x + 78.233 * y + 37.7 * c * (x + 3 * y))));
    given.put("JPEG at quality 60", jpeg(white));
    List<Line> lines = new ArrayList<>();
    for (var ground : given.entrySet()) {
      boolean exact = ground.getKey().startsWith("flat") || ground.getKey().equals("gradient");
      CutOut how =
          new CutOut.ByColour(
              new CutOut.GroundColour.OfBorder(),
              exact ? 0.06 : 0.08,
              exact ? 2 : 3,
              GroundReach.EVERYWHERE,
              CutOut.SoftParts.SOLID,
              CutEdge.AS_FOUND);
      RasterPicture cut = CutOuts.of(ground.getValue(), how);
      String name = "cutout/by colour, " + ground.getKey();
      lines.add(Line.atMost(name + ", mean alpha error × 255", alphaError(cut, alpha), "", 1));
      lines.add(
          Line.atMost(name + ", worst edge colour × 255", worstColour(cut, alpha, part), "", 4));
    }
    RasterPicture uneven =
        over(
            alpha,
            part,
            (x, y, c) ->
                0.72
                    + 0.10 * Math.sin(x / 57.0 + c)
                    + 0.06 * Math.cos(y / 42.0)
                    + 0.02 * Math.sin(x * 1.9 + y * 2.3));
    RasterPicture marked = CutOuts.of(uneven, byMarks());
    String marks = "cutout/by marks, uneven ground, ";
    lines.add(Line.atMost(marks + "mean alpha error × 255", alphaError(marked, alpha), "", 1));
    lines.add(
        Line.atMost(marks + "worst edge colour × 255", worstColour(marked, alpha, part), "", 4));
    RasterPicture large = tiled(white, 1600, 1300);
    lines.add(time("by marks, after a stroke", tiled(uneven, 1600, 1300), byMarks()));
    lines.add(time("by colour", large, byColour()));
    lines.add(
        time(
            "by brightness",
            large,
            new CutOut.ByBrightness(
                new CutOut.GroundColour.OfColour(Colour.WHITE), 0.02, 0.98, 1, CutEdge.AS_FOUND)));
    return lines;
  }

  /** A stroke on each of the two parts and one around both. */
  private static CutOut byMarks() {
    return new CutOut.ByMarks(
        List.of(
            stroke(true, 24, 80, 120, 125, 75, 170, 120),
            stroke(true, 24, 220, 270, 320, 270),
            stroke(false, 16, 20, 20, 380, 20, 380, 380, 20, 380, 20, 20)),
        2,
        CutEdge.AS_FOUND);
  }

  private static Stroke stroke(boolean keep, double width, double... xy) {
    List<Stroke.Point> points = new ArrayList<>();
    for (int i = 0; i < xy.length; i += 2) {
      points.add(new Stroke.Point(xy[i], xy[i + 1]));
    }
    return new Stroke(keep, width, points);
  }

  private static CutOut byColour() {
    return new CutOut.ByColour(
        new CutOut.GroundColour.OfBorder(),
        0.06,
        2,
        GroundReach.FROM_BORDER,
        CutOut.SoftParts.SOLID,
        CutEdge.AS_FOUND);
  }

  private static Line time(String name, RasterPicture picture, CutOut how) throws Exception {
    return Line.atMost(
        "cutout/" + name + ", 2 megapixels",
        Clock.median(15, turn -> CutOuts.of(picture, how)),
        "ms",
        500);
  }

  private static void mark(float[] alpha, int[] part) {
    Bounds all = new Bounds(0, 0, SIZE, SIZE);
    List<Plane> parts =
        List.of(
            Coverage.of(Outlines.ellipse(50.3, 46.6, 150, 150), all),
            Coverage.of(Outlines.ellipse(190.4, 210.7, 160, 120), all));
    for (int i = 0; i < alpha.length; i++) {
      for (int p = 0; p < 2; p++) {
        float covered = parts.get(p).at(i % SIZE, i / SIZE);
        if (covered > alpha[i]) {
          alpha[i] = covered;
          part[i] = p;
        }
      }
    }
  }

  private static RasterPicture over(float[] alpha, int[] part, GroundAt ground) {
    float[] pixels = new float[4 * SIZE * SIZE];
    for (int i = 0; i < alpha.length; i++) {
      for (int c = 0; c < 3; c++) {
        double mixed =
            COLOURS[part[i]][c] * alpha[i] + (1 - alpha[i]) * ground.of(i % SIZE, i / SIZE, c);
        pixels[4 * i + c] = Math.round(255 * Math.clamp(mixed, 0, 1)) / 255f;
      }
      pixels[4 * i + 3] = 1;
    }
    return new RasterPicture(SIZE, SIZE, pixels, false);
  }

  private static RasterPicture jpeg(RasterPicture picture) throws IOException {
    BufferedImage image = new BufferedImage(SIZE, SIZE, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < SIZE * SIZE; i++) {
      int packed = 0;
      for (int c = 0; c < 3; c++) {
        packed = packed << 8 | Math.round(255 * picture.value(4 * i + c));
      }
      image.setRGB(i % SIZE, i / SIZE, packed);
    }
    var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var output = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam quality = writer.getDefaultWriteParam();
      quality.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      quality.setCompressionQuality(0.6f);
      writer.setOutput(output);
      writer.write(null, new IIOImage(image, null, null), quality);
    } finally {
      writer.dispose();
    }
    return (RasterPicture) PictureReader.read("mark.jpg", bytes.toByteArray());
  }

  private static RasterPicture tiled(RasterPicture picture, int width, int height) {
    float[] pixels = new float[4 * width * height];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int from = 4 * (y % SIZE * SIZE + x % SIZE);
        System.arraycopy(picture.pixels(), from, pixels, 4 * (y * width + x), 4);
      }
    }
    return new RasterPicture(width, height, pixels, false);
  }

  private static double alphaError(RasterPicture cut, float[] alpha) {
    double sum = 0;
    for (int i = 0; i < alpha.length; i++) {
      sum += Math.abs(cut.value(4 * i + 3) - alpha[i]);
    }
    return 255 * sum / alpha.length;
  }

  private static double worstColour(RasterPicture cut, float[] alpha, int[] part) {
    double worst = 0;
    for (int i = 0; i < alpha.length; i++) {
      float found = cut.value(4 * i + 3);
      if (found >= LEAST && alpha[i] >= LEAST) {
        for (int c = 0; c < 3; c++) {
          double off = cut.value(4 * i + c) / found - COLOURS[part[i]][c];
          worst = Math.max(worst, 255 * Math.abs(off));
        }
      }
    }
    return worst;
  }
}
