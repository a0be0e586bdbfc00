package app.diaphan.server.draw;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cutout.CutView;
import app.diaphan.core.cutout.FoundCutOut;
import app.diaphan.core.cutout.GroundLeft;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;
import app.diaphan.server.memory.MemoryBudget;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.springframework.stereotype.Service;

/** Shows parts of cut-outs from close by or from afar while they are worked on. */
@Service
public class CutOutPictures {
  /** Of the picture as floats, its alpha, and what is made of both. */
  private static final long BYTES_PER_PIXEL = 64;

  private static final int LARGEST_SIDE = 4096;

  /** A quick look is cut out of a picture of no more pixels than this. */
  private static final long QUICK = 300_000;

  private final DrawingService drawings;
  private final DrawnPictures drawn;
  private final Permits work;

  CutOutPictures(DrawingService drawings, DrawnPictures drawn, MemoryBudget budget) {
    this.drawings = drawings;
    this.drawn = drawn;
    work = budget.work();
  }

  /**
   * A part of a picture.
   *
   * @param left in pixels of the picture, as the others
   * @param scale pixels shown for one of the picture; above 1 the part comes as it is, to be
   *     enlarged without smoothing
   */
  public record PicturePart(int left, int top, int width, int height, double scale) {
    public PicturePart {
      if (left < 0 || top < 0 || width < 1 || height < 1 || !(scale > 0 && scale <= 64)) {
        throw new InvalidInput("The part to look at does not lie in the picture.");
      }
    }
  }

  /**
   * @param picture the address of the part's picture
   * @param width of the whole picture
   * @param groundLeft how much of the old ground's colour is left in the edge, 0–1
   */
  public record SeenPart(String picture, int width, int height, double groundLeft) {}

  /**
   * @param quick whether a part may be cut out of the picture made smaller, and be a little soft:
   *     not what will be delivered to the last pixel, but several times as soon
   * @throws InvalidInput if the package has no such raster picture
   */
  public SeenPart look(
      Long packageId, String name, CutOut cutOut, CutView view, PicturePart part, boolean quick) {
    RasterPicture whole = picture(packageId, name);
    int right = Math.min(whole.width(), part.left() + part.width());
    int bottom = Math.min(whole.height(), part.top() + part.height());
    if (part.left() >= right || part.top() >= bottom) {
      throw new InvalidInput("The part to look at does not lie in the picture.");
    }
    double scale = Math.min(1, part.scale());
    int width = (int) Math.max(1, Math.round((right - part.left()) * scale));
    int height = (int) Math.max(1, Math.round((bottom - part.top()) * scale));
    if (Math.max(width, height) > LARGEST_SIDE) {
      throw new InvalidInput("The part to look at is too large at this scale.");
    }
    int halvings = halvings(whole, scale);
    if (quick) {
      while (pixels(whole.halvings().get(halvings)) > QUICK) {
        halvings++;
      }
    }
    int step = halvings;
    RasterPicture picture = quick ? whole.halvings().get(halvings) : whole;
    CutOut how = quick ? cutOut.scaled(1.0 / (1 << halvings)) : cutOut;
    return work.with(
        BYTES_PER_PIXEL * pixels(picture),
        () -> {
          RasterPicture cut = drawings.rendererFor(packageId).cut(picture, how);
          RasterPicture seen = view.of(picture, cut);
          RasterPicture level = quick ? seen : seen.halvings().get(step);
          AffineTransform to =
              AffineTransform.getScaleInstance(
                  (double) width / (right - part.left()), (double) height / (bottom - part.top()));
          to.translate(-part.left(), -part.top());
          to.scale(
              (double) whole.width() / level.width(), (double) whole.height() / level.height());
          return new SeenPart(
              drawn.keep(png(level, to, width, height)),
              whole.width(),
              whole.height(),
              GroundLeft.of(picture, cut));
        });
  }

  /**
   * How a picture is best cut out by its colour. What an edge is wide and how it is packed does not
   * change with the size it is looked at, so this is found at its own.
   *
   * @throws InvalidInput if the package has no such raster picture, or one too large to be cut out
   */
  public CutOut found(Long packageId, String name) {
    RasterPicture picture = picture(packageId, name);
    return work.with(BYTES_PER_PIXEL * pixels(picture), () -> FoundCutOut.byColour(picture));
  }

  private RasterPicture picture(Long packageId, String name) {
    if (drawings.picture(packageId, name).orElse(null) instanceof RasterPicture picture) {
      return picture;
    }
    throw new InvalidInput(
        Sentence.of("The package has no picture of pixels \"%s\" to cut out.", name));
  }

  /** How often a picture can be halved and still is no smaller than what is looked at. */
  private static int halvings(RasterPicture picture, double scale) {
    int step = 0;
    for (double left = scale; left <= 0.5 && step + 1 < picture.halvings().size(); left *= 2) {
      step++;
    }
    return step;
  }

  private static long pixels(RasterPicture picture) {
    return (long) picture.width() * picture.height();
  }

  private static byte[] png(RasterPicture picture, AffineTransform to, int width, int height) {
    PictureSampler sampler = new PictureSampler(picture, to, PictureSampler.Beyond.ITS_EDGE);
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          float[] rgba = new float[4];
          int[] row = new int[width];
          for (int y = top; y < bottom; y++) {
            for (int x = 0; x < width; x++) {
              sampler.sample(x, y, rgba, 0);
              row[x] = packed(rgba);
            }
            image.getRaster().setDataElements(0, y, width, 1, row);
          }
        });
    return quickPng(image);
  }

  /** Straight, alpha before the colours. */
  private static int packed(float[] rgba) {
    int packed = Math.round(255 * rgba[3]);
    for (int c = 0; c < 3; c++) {
      float straight = rgba[3] > 0 ? Math.clamp(rgba[c] / rgba[3], 0f, 1f) : 0;
      packed = packed << 8 | Math.round(255 * straight);
    }
    return packed;
  }

  private static byte[] quickPng(BufferedImage image) {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(0.9f); // The quickest deflating that is still one.
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
