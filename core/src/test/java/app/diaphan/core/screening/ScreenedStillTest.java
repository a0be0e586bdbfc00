package app.diaphan.core.screening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.Sidecar;
import app.diaphan.core.deliver.StoredSamples;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Canvas;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Delivered bytes over a clip, with their alpha read rightly and wrongly. */
class ScreenedStillTest {
  private static final Frame FRAME = Frame.of(320, 180);
  private static final Overlay OVERLAY = Samples.lowerThird(FRAME);

  @TempDir Path folder;

  private final float[] drawn = Samples.renderer().render(OVERLAY, Canvas.of(FRAME)).pixels();

  private StoredSamples delivered(FileKind kind) throws IOException {
    return StoredSamples.of(
        new Deliverer(Samples.renderer(), Sidecar::toString)
            .deliver(OVERLAY, new Target(FRAME, kind), folder, "still", Progress.NONE)
            .getFirst()
            .file());
  }

  /** One channel of a pixel over a clip of one tone, 0–1; more than 1 is cut off by a screen. */
  private static double over(ScreenedStill still, int pixel, int channel, double clip) {
    int x = pixel % FRAME.width() - still.left();
    int y = pixel / FRAME.width() - still.top();
    if (x < 0 || y < 0 || x >= still.key().getWidth() || y >= still.key().getHeight()) {
      return clip;
    }
    double key = (still.key().getRGB(x, y) >>> 24) / 255.0;
    double light = (still.light().getRGB(x, y) >> 16 - 8 * channel & 0xff) / 255.0;
    return clip * (1 - key) + light;
  }

  private double worst(ScreenedStill still, double clip) {
    double worst = 0;
    for (int i = 0; i < FRAME.width() * FRAME.height(); i++) {
      for (int c = 0; c < 3; c++) {
        double ideal = drawn[4 * i + c] + clip * (1 - drawn[4 * i + 3]);
        worst = Math.max(worst, Math.abs(over(still, i, c, clip) - ideal));
      }
    }
    return worst;
  }

  @Test
  void aRightReadingLooksAsItWasDrawn() throws IOException {
    for (double clip : new double[] {0, 0.5, 1}) {
      StoredSamples straight = delivered(FileKind.png().withDither(false));
      assertTrue(worst(ScreenedStill.of(straight, AlphaReading.STRAIGHT), clip) < 2.0 / 255);
      StoredSamples multiplied =
          delivered(FileKind.tiff().with(BitDepth.SIXTEEN).with(Carried.PREMULTIPLIED));
      assertTrue(worst(ScreenedStill.of(multiplied, AlphaReading.PREMULTIPLIED), clip) < 2.5 / 255);
    }
  }

  @Test
  void aStraightFileReadAsPremultipliedHasBrightEdges() throws IOException {
    StoredSamples straight = delivered(FileKind.png().withDither(false));
    ScreenedStill wrong = ScreenedStill.of(straight, AlphaReading.PREMULTIPLIED);
    boolean brighter = false;
    for (int i = 0; i < FRAME.width() * FRAME.height(); i++) {
      double ideal = drawn[4 * i] + 0.5 * (1 - drawn[4 * i + 3]);
      double found = over(wrong, i, 0, 0.5);
      assertTrue(found > ideal - 2.0 / 255, "nowhere darker");
      brighter |= found > ideal + 0.1;
    }
    assertTrue(brighter);
  }

  @Test
  void aPremultipliedFileReadAsStraightHasDarkEdges() throws IOException {
    StoredSamples multiplied = delivered(FileKind.tiff().with(Carried.PREMULTIPLIED));
    ScreenedStill wrong = ScreenedStill.of(multiplied, AlphaReading.STRAIGHT);
    boolean darker = false;
    for (int i = 0; i < FRAME.width() * FRAME.height(); i++) {
      double ideal = drawn[4 * i] + 0.5 * (1 - drawn[4 * i + 3]);
      double found = over(wrong, i, 0, 0.5);
      assertTrue(found < ideal + 2.0 / 255, "nowhere brighter");
      darker |= found < ideal - 0.1;
    }
    assertTrue(darker);
  }

  @Test
  void anIgnoredAlphaHidesTheClip() throws IOException {
    ScreenedStill still = ScreenedStill.of(delivered(FileKind.png()), AlphaReading.IGNORED);
    for (int i = 0; i < FRAME.width() * FRAME.height(); i++) {
      assertEquals(over(still, i, 0, 0), over(still, i, 0, 1), 1e-9, "nothing shows through");
    }
  }

  @Test
  void filesWithoutAlphaAreSolid() throws IOException {
    StoredSamples key = StoredSamples.of(keyFile());
    assertEquals(1, key.channels());
    ScreenedStill still = ScreenedStill.of(key, AlphaReading.STRAIGHT);
    int solid = 0;
    while (drawn[4 * solid + 3] < 1) {
      solid++;
    }
    assertEquals(1, over(still, solid, 1, 0), 1e-9, "where it is solid the key is white");
  }

  private Path keyFile() {
    return new Deliverer(Samples.renderer(), Sidecar::toString)
        .deliver(
            OVERLAY,
            new Target(FRAME, FileKind.png().with(new Carried.FillAndKey(false))),
            folder,
            "pair",
            Progress.NONE)
        .get(1)
        .file();
  }

  /**
   * A series of small stills stays small: only what changes anything is kept, and a pixel around.
   */
  @Test
  void onlyThePartThatChangesAnythingIsKept() {
    byte[] samples = new byte[40 * 30 * 4];
    for (int y = 12; y < 17; y++) {
      for (int x = 8; x < 28; x++) {
        samples[4 * (y * 40 + x)] = (byte) 200;
        samples[4 * (y * 40 + x) + 3] = (byte) 128;
      }
    }
    StoredSamples file = new StoredSamples(40, 30, 4, samples);
    ScreenedStill still = ScreenedStill.of(file, AlphaReading.STRAIGHT);
    assertEquals(7, still.left());
    assertEquals(11, still.top());
    assertEquals(22, still.key().getWidth());
    assertEquals(7, still.light().getHeight());
    assertEquals(128, still.key().getRGB(1, 1) >>> 24);
    assertEquals(0, still.key().getRGB(0, 0) >>> 24);
    // 128/255 of 200 over what is left of a grey of 100.
    assertEquals(100 + 50, still.over(100).getRGB(1, 1) >> 16 & 0xff, 1);
    ScreenedStill clear =
        ScreenedStill.of(new StoredSamples(40, 30, 4, new byte[4800]), AlphaReading.STRAIGHT);
    assertEquals(1, clear.key().getWidth());
    assertEquals(40, ScreenedStill.of(file, AlphaReading.IGNORED).key().getWidth());
  }
}
