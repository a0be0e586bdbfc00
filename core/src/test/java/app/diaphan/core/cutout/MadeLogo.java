package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Outlines;
import app.diaphan.core.raster.Plane;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/**
 * A made-up club's mark of two colours, an anchor ring and a beam, with the alpha and the colour of
 * each pixel known; composed over grounds it is what a designer is handed.
 */
final class MadeLogo {
  static final int SIZE = 160;
  static final float[] RING = {0.07f, 0.36f, 0.43f};
  static final float[] BEAM = {0.83f, 0.33f, 0.12f};
  static final Bounds ALL = new Bounds(0, 0, SIZE, SIZE);

  /** A ground's red, green and blue at a place. */
  @FunctionalInterface
  interface GroundAt {
    double of(int x, int y, int channel);
  }

  final float[] alpha = new float[SIZE * SIZE];
  final float[][] colour = new float[SIZE * SIZE][];

  /**
   * @param softness how far the edges fade, in pixels; 0 for sharp ones
   */
  MadeLogo(double softness) {
    Area ring = new Area(Outlines.ellipse(20.3, 18.6, 92, 92));
    ring.subtract(new Area(Outlines.ellipse(48.3, 46.6, 36, 36)));
    Area beam = new Area(new Rectangle2D.Double(0, 0, 120, 17));
    beam.transform(AffineTransform.getRotateInstance(-0.22));
    beam.transform(AffineTransform.getTranslateInstance(19.5, 138.3));
    for (Area part : List.of(ring, beam)) {
      Plane coverage = Coverage.of(part, ALL);
      if (softness > 0) {
        coverage = GaussianBlur.of(coverage, softness / 2, softness / 2, ALL);
      }
      for (int y = 0; y < SIZE; y++) {
        for (int x = 0; x < SIZE; x++) {
          if (coverage.at(x, y) > alpha[y * SIZE + x]) {
            alpha[y * SIZE + x] = coverage.at(x, y);
            colour[y * SIZE + x] = part == ring ? RING : BEAM;
          }
        }
      }
    }
  }

  static GroundAt flat(double red, double green, double blue) {
    double[] parts = {red, green, blue};
    return (x, y, c) -> parts[c];
  }

  /** With 8 bits, as files have. */
  RasterPicture over(GroundAt ground) {
    float[] pixels = new float[4 * SIZE * SIZE];
    for (int i = 0; i < alpha.length; i++) {
      for (int c = 0; c < 3; c++) {
        double own = colour[i] == null ? 0 : colour[i][c];
        double mixed = own * alpha[i] + (1 - alpha[i]) * ground.of(i % SIZE, i / SIZE, c);
        pixels[4 * i + c] = Math.round(255 * Math.clamp(mixed, 0, 1)) / 255f;
      }
      pixels[4 * i + 3] = 1;
    }
    return new RasterPicture(SIZE, SIZE, pixels, false);
  }

  static RasterPicture asJpeg(RasterPicture picture, float quality) throws IOException {
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
    ImageWriteParam param = writer.getDefaultWriteParam();
    param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    param.setCompressionQuality(quality);
    writer.setOutput(ImageIO.createImageOutputStream(bytes));
    writer.write(null, new IIOImage(image, null, null), param);
    writer.dispose();
    return (RasterPicture) PictureReader.read("logo.jpg", bytes.toByteArray());
  }

  static CutOut.ByColour byColour(double tolerance, double softness, CutOut.GroundReach reach) {
    return new CutOut.ByColour(
        new CutOut.GroundColour.OfBorder(),
        tolerance,
        softness,
        reach,
        CutOut.SoftParts.SOLID,
        CutEdge.AS_FOUND);
  }

  /** The mean of how far alphas are off, in 255ths. */
  double alphaError(RasterPicture cut) {
    double sum = 0;
    for (int i = 0; i < alpha.length; i++) {
      sum += Math.abs(cut.value(4 * i + 3) - alpha[i]);
    }
    return 255 * sum / alpha.length;
  }

  /**
   * How far the colour of a pixel by the edge is off at worst, in 255ths, among those of at least
   * this alpha.
   */
  double worstColour(RasterPicture cut, double least) {
    double worst = 0;
    for (int i = 0; i < alpha.length; i++) {
      float found = cut.value(4 * i + 3);
      if (found >= least && alpha[i] >= least) {
        for (int c = 0; c < 3; c++) {
          double off = Math.abs(cut.value(4 * i + c) / found - colour[i][c]);
          worst = Math.max(worst, 255 * off);
        }
      }
    }
    return worst;
  }
}
