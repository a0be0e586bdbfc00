package app.diaphan.core.returned;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.Sidecar;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files are changed as services change them; the check says how. */
class ReturnedCheckTest {
  private static final Frame FRAME = Frame.of(640, 360);

  @TempDir Path folder;

  private PictureFile delivered;
  private BufferedImage image;

  @BeforeEach
  void deliver() throws IOException {
    Path file = file(Samples.lowerThird(FRAME), FileKind.png());
    delivered = read(Files.readAllBytes(file));
    image = ImageIO.read(file.toFile());
  }

  private Path file(Overlay overlay, FileKind kind) {
    return new Deliverer(Samples.renderer(), Sidecar::toString)
        .deliver(overlay, new Target(FRAME, kind), folder, "sent", Progress.NONE)
        .getFirst()
        .file();
  }

  private static PictureFile read(byte[] bytes) {
    return PictureReader.readFile("file", bytes);
  }

  private static byte[] bytes(BufferedImage image, String format) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertTrue(ImageIO.write(image, format, out));
    return out.toByteArray();
  }

  private Verdict after(BufferedImage changed, String format) throws IOException {
    PictureFile returned = read(bytes(changed, format));
    RasterPicture picture = (RasterPicture) returned.picture();
    double distance =
        Likeness.of((RasterPicture) delivered.picture())
            .distance(Likeness.of(picture), picture.hasAlpha());
    assertTrue(distance < ReturnedCheck.MOST_DISTANCE, "it is recognised: " + distance);
    return ReturnedCheck.of(delivered, returned);
  }

  private BufferedImage scaled(int width, int height, int type, Color ground) {
    BufferedImage result = new BufferedImage(width, height, type);
    Graphics2D g = result.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    if (ground != null) {
      g.setColor(ground);
      g.fillRect(0, 0, width, height);
    }
    g.drawImage(image, 0, 0, width, height, null);
    g.dispose();
    return result;
  }

  private static void assertHappened(Verdict verdict, Happened first, Happened... others) {
    assertEquals(EnumSet.of(first, others), verdict.happened(), verdict.sentences().toString());
  }

  @Test
  void aFileWrittenAnewIsTheSamePicture() throws IOException {
    Verdict verdict = after(image, "png");
    assertHappened(verdict, Happened.SAME_PICTURE);
    assertTrue(verdict.usable());
  }

  @Test
  void fewerBitsAreToldAndBorne() throws IOException {
    delivered =
        read(
            Files.readAllBytes(
                file(Samples.lowerThird(FRAME), FileKind.png().with(BitDepth.SIXTEEN))));
    Verdict verdict = after(image, "png");
    assertHappened(verdict, Happened.FEWER_BITS);
    assertTrue(verdict.usable());
  }

  @Test
  void alphaThatWasFlattenedIsToldWithTheColourBeneath() throws IOException {
    Verdict verdict = after(scaled(640, 360, BufferedImage.TYPE_INT_RGB, Color.WHITE), "png");
    assertHappened(verdict, Happened.ALPHA_LOST);
    assertTrue(verdict.sentences().getFirst().contains("#ffffff"), verdict.sentences().toString());
    assertFalse(verdict.usable());
  }

  @Test
  void alphaThatWasDroppedIsToldFromFlattening() throws IOException {
    BufferedImage dropped = new BufferedImage(640, 360, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 640 * 360; i++) {
      dropped.setRGB(i % 640, i / 640, image.getRGB(i % 640, i / 640));
    }
    Verdict verdict = after(dropped, "png");
    assertHappened(verdict, Happened.ALPHA_LOST);
    assertTrue(
        verdict.sentences().getFirst().contains("colours are as they were"),
        verdict.sentences().toString());
  }

  @Test
  void aSmallJpegIsEverythingAtOnce() throws IOException {
    Verdict verdict = after(scaled(426, 240, BufferedImage.TYPE_INT_RGB, Color.BLACK), "jpg");
    assertTrue(
        verdict.happened().containsAll(Set.of(Happened.SCALED, Happened.ALPHA_LOST)),
        verdict.happened().toString());
    assertTrue(verdict.sentences().getFirst().contains("426 × 240"));
  }

  @Test
  void aSmallerPngKeepsItsAlpha() throws IOException {
    assertHappened(
        after(scaled(320, 180, BufferedImage.TYPE_INT_ARGB, null), "png"), Happened.SCALED);
  }

  @Test
  void coloursMultipliedByTheirAlphaAreFound() throws IOException {
    BufferedImage dark = new BufferedImage(640, 360, BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < 360; y++) {
      for (int x = 0; x < 640; x++) {
        int straight = image.getRGB(x, y);
        int alpha = straight >>> 24;
        int rgb = alpha << 24;
        for (int shift = 0; shift <= 16; shift += 8) {
          rgb |= (straight >> shift & 0xff) * alpha / 255 << shift;
        }
        dark.setRGB(x, y, rgb);
      }
    }
    Verdict verdict = after(dark, "png");
    assertHappened(verdict, Happened.ALPHA_MULTIPLIED_IN);
    assertFalse(verdict.usable());
  }

  @Test
  void anAlphaMadeHardIsFound() throws IOException {
    BufferedImage hard = new BufferedImage(640, 360, BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < 360; y++) {
      for (int x = 0; x < 640; x++) {
        int argb = image.getRGB(x, y);
        hard.setRGB(x, y, argb >>> 24 < 128 ? 0 : argb | 0xff000000);
      }
    }
    assertTrue(after(hard, "png").happened().contains(Happened.ALPHA_CHANGED));
  }

  @Test
  void anotherOverlayIsNotTakenForThisOne() {
    Overlay other =
        Samples.overlay(
            FRAME,
            Samples.plate(
                new PlateShape.Ellipse(),
                Place.at(PinPoint.TOP_RIGHT, Area.FRAME, -20, 20),
                200,
                150,
                Samples.flat("#e8a33d")));
    PictureFile stranger;
    try {
      stranger = read(Files.readAllBytes(file(other, FileKind.png())));
    } catch (IOException e) {
      throw new AssertionError(e);
    }
    double distance =
        Likeness.of((RasterPicture) delivered.picture())
            .distance(Likeness.of((RasterPicture) stranger.picture()), true);
    assertTrue(distance > ReturnedCheck.MOST_DISTANCE, "distance " + distance);
  }

  @Test
  void aLookIsKeptInFewBytes() {
    Likeness look = Likeness.of((RasterPicture) delivered.picture());
    assertTrue(look.distance(Likeness.of(look.bytes()), true) < 0.003);
    assertEquals(7168, look.bytes().length);
  }
}
