package app.diaphan.core.photograph;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.photograph.file.PhotographFormat;
import app.diaphan.core.photograph.file.Photographs;
import app.diaphan.core.photograph.metadata.Credit;
import app.diaphan.core.picture.Orientation;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.TaggedJpeg;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Renderer;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Overlays put on photographs that cameras held in every way. */
class PhotographMarkerTest {
  private static final int STORED_WIDTH = 240;
  private static final int STORED_HEIGHT = 160;

  @TempDir Path folder;

  private final Renderer renderer =
      new Renderer(ShippedFonts.shelf(), name -> Optional.empty(), Memory.NONE);

  /** Twice as wide as high, somewhere on its frame. */
  private static Overlay mark() {
    return Samples.overlay(
        Frame.of(640, 360),
        Samples.box("box", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 90, 60), 120, 60));
  }

  private static Marking marking(PinPoint pin, double opacity) {
    return new Marking(
        DressChoice.AS_DRAWN,
        new Corner.At(pin),
        new Measure.OfShorterSide(0.25),
        new Measure.OfShorterSide(0.05),
        opacity);
  }

  private static byte[] photograph(int width, int height, int tag) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setPaint(new GradientPaint(0, 0, new Color(0x9fc6d8), width, height, new Color(0x7b8f5a)));
    g.fillRect(0, 0, width, height);
    g.dispose();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(0.97f);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return TaggedJpeg.of(bytes.toByteArray(), tag);
  }

  private static RasterPicture seen(byte[] bytes) {
    return assertInstanceOf(RasterPicture.class, PictureReader.read("photograph.jpg", bytes));
  }

  private Hung mark(Path from, Marking marking, Path to) throws IOException {
    Upright photograph = new Upright(Photographs.open(from));
    PhotographMarker marker = new PhotographMarker(renderer, new Dresses(mark(), Optional.empty()));
    Hung hung = marker.hang(photograph, marking);
    List<String> notes =
        marker.write(photograph, marking, hung, Credit.AS_IT_IS, PhotographFormat.JPEG, to);
    assertEquals(List.of(), notes);
    return hung;
  }

  @ParameterizedTest
  @EnumSource
  void theMarkHangsWhereItIsSeenToHoweverTheCameraWasHeld(Orientation orientation)
      throws Exception {
    byte[] bytes = photograph(STORED_WIDTH, STORED_HEIGHT, orientation.ordinal() + 1);
    RasterPicture before = seen(bytes);
    assertEquals(orientation.sideways(), before.height() > before.width());
    Path taken = Files.write(folder.resolve("photograph.jpg"), bytes);
    Path to = folder.resolve("marked.jpg");
    Bounds place = mark(taken, marking(PinPoint.BOTTOM_RIGHT, 1), to).place();
    assertEquals(before.width() - 8, place.right());
    assertEquals(before.height() - 8, place.bottom());
    // Its edges lie where they lie on its frame, which may be within a pixel.
    assertEquals(40.5, place.width(), 0.5);
    assertEquals(20.5, place.height(), 0.5);
    RasterPicture after = seen(Files.readAllBytes(to));
    MarkPicture mark = MarkPicture.of(renderer, mark(), 40);
    double sum = 0;
    for (int y = 0; y < before.height(); y++) {
      for (int x = 0; x < before.width(); x++) {
        boolean within =
            x >= place.left() && x < place.right() && y >= place.top() && y < place.bottom();
        int from = within ? 4 * ((y - place.top()) * mark.width() + x - place.left()) : 0;
        double alpha = within ? mark.pixels()[from + 3] : 0;
        for (int c = 0; c < 3; c++) {
          int at = 4 * (y * before.width() + x) + c;
          double over = within ? mark.pixels()[from + c] : 0;
          double off = Math.abs(over + (1 - alpha) * before.value(at) - after.value(at));
          boolean near =
              x > place.left() - 20
                  && x < place.right() + 20
                  && y > place.top() - 20
                  && y < place.bottom() + 20;
          assertTrue(near || off == 0, x + ", " + y);
          sum += within ? off : 0;
        }
      }
    }
    double mean = 255 * sum / (3 * place.width() * place.height());
    assertTrue(mean < 4, "mean " + mean);
  }

  @Test
  void itIsAsThinAsItIsTold() throws Exception {
    byte[] bytes = photograph(STORED_WIDTH, STORED_HEIGHT, 1);
    Path taken = Files.write(folder.resolve("photograph.jpg"), bytes);
    Path to = folder.resolve("marked.jpg");
    Bounds place = mark(taken, marking(PinPoint.CENTRE, 0.5), to).place();
    assertEquals(100, place.left());
    assertEquals(70, place.top());
    RasterPicture before = seen(bytes);
    RasterPicture after = seen(Files.readAllBytes(to));
    MarkPicture mark = MarkPicture.of(renderer, mark(), 40);
    int at = 4 * (80 * STORED_WIDTH + 120);
    for (int c = 0; c < 3; c++) {
      double solid = mark.pixels()[4 * (10 * mark.width() + 20) + c];
      assertEquals((solid + before.value(at + c)) / 2, after.value(at + c), 0.02);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 8, 37})
  void aPhotographWithoutRoomForTheMarkIsToldOf(int side) throws Exception {
    Path from = Files.write(folder.resolve("photograph.jpg"), photograph(side, side, 1));
    Marking wide =
        new Marking(
            DressChoice.AS_DRAWN,
            new Corner.At(PinPoint.LEFT),
            new Measure.Pixels(40),
            new Measure.Pixels(0),
            1);
    Path to = folder.resolve("marked.jpg");
    InvalidInput refused = assertThrows(InvalidInput.class, () -> mark(from, wide, to));
    assertFalse(Files.exists(to));
    assertTrue(
        refused.getMessage().contains(side + " × " + side + " pixels, and the mark has 41 × 2"),
        refused.getMessage());
  }

  @Test
  void whatDrawsNothingIsNoMark() {
    Overlay nothing = Samples.overlay(Frame.of(640, 360));
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> MarkPicture.of(renderer, nothing, 40));
    assertTrue(refused.getMessage().contains("draws nothing"), refused.getMessage());
  }
}
