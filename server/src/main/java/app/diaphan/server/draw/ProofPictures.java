package app.diaphan.server.draw;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.PackedPng;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.roster.Filling;
import app.diaphan.core.screening.VideoColours;
import app.diaphan.server.memory.MemoryBudget;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Shows overlays in ways that a browser cannot by laying one picture over another. */
@Service
public class ProofPictures {
  /** Of the overlay, of what lies beneath, and of both. */
  private static final long BYTES_PER_PIXEL = 60;

  private final DrawingService drawings;
  private final DrawnPictures drawn;
  private final StillPictures stillPictures;
  private final Permits work;

  ProofPictures(
      DrawingService drawings,
      DrawnPictures drawn,
      StillPictures stillPictures,
      MemoryBudget budget) {
    this.drawings = drawings;
    this.drawn = drawn;
    this.stillPictures = stillPictures;
    work = budget.work();
  }

  /** What is looked at. */
  public enum Kind {
    /** The straight colours wherever anything is drawn, as if all of it were solid. */
    COLOUR_ALONE,
    /** The overlay over its backdrop after the way through video. */
    AS_VIDEO
  }

  /**
   * @param still id of the still beneath; nothing for a flat colour
   * @return the address of a picture of the whole frame, pixel for pixel
   */
  public String look(
      Long packageId, Overlay designed, Kind kind, Optional<Long> still, Colour beneath) {
    Overlay overlay = Filling.without(designed);
    Canvas canvas = Canvas.of(overlay.frame());
    return work.with(
        BYTES_PER_PIXEL * canvas.width() * canvas.height(),
        () -> drawn.keep(looked(packageId, overlay, kind, still, beneath, canvas)));
  }

  private byte[] looked(
      Long packageId,
      Overlay overlay,
      Kind kind,
      Optional<Long> still,
      Colour beneath,
      Canvas canvas) {
    float[] pixels = drawings.rendererFor(packageId).render(overlay, canvas).pixels();
    int width = canvas.width();
    int height = canvas.height();
    float[] rgb =
        switch (kind) {
          case COLOUR_ALONE -> straight(pixels);
          case AS_VIDEO ->
              VideoColours.of(over(pixels, still, beneath, width, height), width, height);
        };
    return png(rgb, width, height);
  }

  private static float[] straight(float[] pixels) {
    float[] rgb = new float[pixels.length / 4 * 3];
    for (int i = 0; i < pixels.length / 4; i++) {
      float alpha = pixels[4 * i + 3];
      for (int c = 0; c < 3; c++) {
        rgb[3 * i + c] = alpha > 0 ? Math.min(1, pixels[4 * i + c] / alpha) : 0;
      }
    }
    return rgb;
  }

  private float[] over(float[] pixels, Optional<Long> still, Colour flat, int width, int height) {
    float[] beneath = new float[pixels.length];
    if (still.isPresent()) {
      cover(stillPictures.of(still.get()), beneath, width, height);
    } else {
      for (int i = 0; i < beneath.length; i += 4) {
        beneath[i] = flat.red() / 255f;
        beneath[i + 1] = flat.green() / 255f;
        beneath[i + 2] = flat.blue() / 255f;
      }
    }
    float[] rgb = new float[pixels.length / 4 * 3];
    for (int i = 0; i < pixels.length / 4; i++) {
      for (int c = 0; c < 3; c++) {
        rgb[3 * i + c] = pixels[4 * i + c] + beneath[4 * i + c] * (1 - pixels[4 * i + 3]);
      }
    }
    return rgb;
  }

  /** The still as large as it must be to leave nothing free, its middle in the middle. */
  private static void cover(RasterPicture still, float[] to, int width, int height) {
    double scale = Math.max((double) width / still.width(), (double) height / still.height());
    AffineTransform place =
        AffineTransform.getTranslateInstance(
            (width - scale * still.width()) / 2, (height - scale * still.height()) / 2);
    place.scale(scale, scale);
    PictureSampler sampler = new PictureSampler(still, place, PictureSampler.Beyond.ITS_EDGE);
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            for (int x = 0; x < width; x++) {
              sampler.sample(x, y, to, 4 * (y * width + x));
            }
          }
        });
  }

  private static byte[] png(float[] rgb, int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < width * height; i++) {
      int packed = 0;
      for (int c = 0; c < 3; c++) {
        packed = packed << 8 | Math.round(255 * Math.clamp(rgb[3 * i + c], 0f, 1f));
      }
      image.setRGB(i % width, i / width, packed);
    }
    return PackedPng.of(image);
  }
}
