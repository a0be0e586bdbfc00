package app.diaphan.core.photograph;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
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
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.photograph.file.PhotographFormat;
import app.diaphan.core.photograph.file.Photographs;
import app.diaphan.core.photograph.metadata.Credit;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Renderer;
import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.icc.IccDirectory;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Photographs that are not JPEG files, read back by decoders that did not write them. */
class PhotographFormatsTest {
  private static final int WIDTH = 160;
  private static final int HEIGHT = 100;

  private static final Marking MARKING =
      new Marking(
          DressChoice.AS_DRAWN,
          new Corner.At(PinPoint.BOTTOM_RIGHT),
          new Measure.Pixels(40),
          new Measure.Pixels(7),
          1);

  @TempDir Path folder;

  private final PhotographMarker marker =
      new PhotographMarker(
          new Renderer(ShippedFonts.shelf(), name -> Optional.empty(), Memory.NONE),
          new Dresses(mark(), Optional.empty()));

  private static Overlay mark() {
    return Samples.overlay(
        Frame.of(640, 360),
        Samples.box("box", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 80, 60), 120, 60));
  }

  private record Made(Path path, Bounds place, List<String> notes) {}

  private Made mark(Path from, PhotographFormat format, Credit credit) throws IOException {
    Upright photograph = new Upright(Photographs.open(from));
    Hung hung = marker.hang(photograph, MARKING);
    Path to = folder.resolve("marked." + format.extensions().getFirst());
    List<String> notes = marker.write(photograph, MARKING, hung, credit, format, to);
    return new Made(to, hung.place(), notes);
  }

  /** By another library than the one that wrote it, where there are two. */
  private static BufferedImage read(Path path, boolean platform) throws IOException {
    try (ImageInputStream input = ImageIO.createImageInputStream(path.toFile())) {
      ImageReader chosen = null;
      var readers = ImageIO.getImageReaders(input);
      while (readers.hasNext()) {
        ImageReader reader = readers.next();
        boolean own = reader.getClass().getModule().isNamed();
        chosen = chosen == null || own == platform ? reader : chosen;
      }
      chosen.setInput(input);
      return chosen.read(0);
    }
  }

  private static void same(BufferedImage before, BufferedImage after, Bounds but, boolean deep) {
    assertEquals(before.getWidth(), after.getWidth());
    Raster one = before.getRaster();
    Raster other = after.getRaster();
    int changed = 0;
    for (int y = 0; y < before.getHeight(); y++) {
      for (int x = 0; x < before.getWidth(); x++) {
        boolean within = x >= but.left() && x < but.right() && y >= but.top() && y < but.bottom();
        if (within) {
          changed += before.getRGB(x, y) == after.getRGB(x, y) ? 0 : 1;
        } else if (deep) {
          assertArrayEquals(
              one.getPixel(x, y, (int[]) null), other.getPixel(x, y, (int[]) null), x + ", " + y);
        } else {
          assertEquals(
              Integer.toHexString(before.getRGB(x, y)),
              Integer.toHexString(after.getRGB(x, y)),
              x + ", " + y);
        }
      }
    }
    assertTrue(changed > but.width() * but.height() / 4, "changed " + changed);
  }

  @ParameterizedTest
  @CsvSource({
    "1, png, '', 24", // TYPE_INT_RGB
    "2, png, '', 32", // TYPE_INT_ARGB
    "10, png, '', 8", // TYPE_BYTE_GRAY
    "12, png, '', 8", // TYPE_BYTE_BINARY
    "13, png, '', 24", // TYPE_BYTE_INDEXED
    "5, tiff, '', 24", // TYPE_3BYTE_BGR
    "5, tiff, LZW, 24",
    "6, tiff, ZLib, 32", // TYPE_4BYTE_ABGR
    "10, tiff, PackBits, 8",
    "13, tiff, LZW, 24",
    "1, webp, Lossless, 24",
    "2, webp, Lossless, 32"
  })
  void whatIsBesideTheMarkStaysAsItIs(int type, String format, String packing, int bits)
      throws IOException {
    BufferedImage image = MadePhotograph.picture(WIDTH, HEIGHT, type);
    Path from = Files.write(folder.resolve("p"), MadePhotograph.file(image, format, packing));
    Made made =
        mark(from, PhotographFormat.valueOf(format.toUpperCase(Locale.ROOT)), Credit.AS_IT_IS);
    assertEquals(List.of(), made.notes());
    BufferedImage after = read(made.path(), format.equals("png"));
    same(read(from, format.equals("png")), after, made.place(), false);
    assertEquals(bits, after.getColorModel().getPixelSize());
  }

  @ParameterizedTest
  @CsvSource({"1, png", "2, png", "3, png", "4, png", "1, tiff", "3, tiff", "4, tiff"})
  void sixteenBitsStay(int channels, String format) throws IOException {
    BufferedImage image = MadePhotograph.deep(WIDTH, HEIGHT, channels);
    Path from = Files.write(folder.resolve("p"), MadePhotograph.file(image, format, ""));
    Made made =
        mark(from, PhotographFormat.valueOf(format.toUpperCase(Locale.ROOT)), Credit.AS_IT_IS);
    BufferedImage after = read(made.path(), format.equals("png"));
    assertEquals(16, after.getColorModel().getComponentSize(0));
    same(image, after, made.place(), true);
  }

  @ParameterizedTest
  @CsvSource({"PNG, JPEG", "TIFF, JPEG", "JPEG, PNG", "JPEG, TIFF", "JPEG, WEBP", "WEBP, PNG"})
  void aPhotographCanBecomeAnotherKind(PhotographFormat own, PhotographFormat other)
      throws Exception {
    BufferedImage image = MadePhotograph.picture(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
    String format = own == PhotographFormat.JPEG ? "jpeg" : own.name().toLowerCase(Locale.ROOT);
    Path from =
        Files.write(
            folder.resolve("p"),
            MadePhotograph.file(image, format, format.equals("webp") ? "Lossless" : ""));
    Made made = mark(from, other, new Credit("© Saltlight", "", ""));
    BufferedImage after = ImageIO.read(made.path().toFile());
    double sum = 0;
    for (int y = 0; y < HEIGHT / 2; y++) {
      for (int x = 0; x < WIDTH; x++) {
        sum += Math.abs((image.getRGB(x, y) >> 8 & 255) - (after.getRGB(x, y) >> 8 & 255));
      }
    }
    assertTrue(sum / (WIDTH * HEIGHT / 2) < 2, "mean " + sum / (WIDTH * HEIGHT / 2));
    String said =
        ImageMetadataReader.readMetadata(made.path().toFile())
            .getFirstDirectoryOfType(ExifIFD0Directory.class)
            .getString(ExifIFD0Directory.TAG_COPYRIGHT);
    assertEquals(other == PhotographFormat.TIFF ? "(c) Saltlight" : "© Saltlight", said);
  }

  @Test
  void aTurnedPhotographIsSeenTurnedAsAnotherKindToo() throws Exception {
    byte[] jpeg =
        MadePhotograph.withSegments(
            MadePhotograph.file(
                MadePhotograph.picture(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR), "jpeg", ""),
            MadePhotograph.segment(0xE1, "Exif\0\0", new MadeExif(6, new byte[0]).bytes()));
    Path from = Files.write(folder.resolve("p.jpg"), jpeg);
    for (PhotographFormat format :
        List.of(PhotographFormat.PNG, PhotographFormat.WEBP, PhotographFormat.TIFF)) {
      Made made = mark(from, format, Credit.AS_IT_IS);
      assertEquals(HEIGHT, new Upright(Photographs.open(made.path())).width(), format.words());
      assertEquals(
          6,
          ImageMetadataReader.readMetadata(made.path().toFile())
              .getFirstDirectoryOfType(ExifIFD0Directory.class)
              .getInt(ExifIFD0Directory.TAG_ORIENTATION),
          format.words());
    }
  }

  @Test
  void whatAFormatCannotHoldIsTold() throws IOException {
    Path from =
        Files.write(
            folder.resolve("p.png"),
            MadePhotograph.file(MadePhotograph.deep(WIDTH, HEIGHT, 4), "png", ""));
    Made made = mark(from, PhotographFormat.JPEG, Credit.AS_IT_IS);
    assertEquals(
        List.of(
            "It has 8 bits a channel now: JPEG files have no more.",
            "What was clear is white now: JPEG files have no alpha."),
        made.notes());
  }

  @ParameterizedTest
  @CsvSource({"png, ''", "tiff, LZW", "webp, Lossless", "webp, Lossy", "jpeg, ''"})
  void whateverIsWrongWithAFileItIsSaid(String format, String packing) throws IOException {
    byte[] whole =
        MadePhotograph.file(
            MadePhotograph.picture(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR), format, packing);
    Random random = new Random(4);
    int refused = 0;
    for (int i = 0; i < 200; i++) {
      byte[] bytes = whole.clone();
      int length = i % 4 == 0 ? random.nextInt(whole.length) : whole.length;
      for (int k = 0; k < 1 + i % 5; k++) {
        bytes[random.nextInt(Math.min(length + 1, whole.length))] = (byte) random.nextInt();
      }
      Path from = Files.write(folder.resolve("p"), Arrays.copyOf(bytes, length));
      try {
        mark(from, PhotographFormat.PNG, Credit.AS_IT_IS);
      } catch (InvalidInput e) {
        refused++;
      }
    }
    assertTrue(refused > 20, "refused " + refused);
  }

  @Test
  void whatIsNoPhotographIsSaid() throws IOException {
    Path text = Files.writeString(folder.resolve("notes.jpg"), "Slack water at noon");
    InvalidInput refused = assertThrows(InvalidInput.class, () -> Photographs.open(text));
    assertEquals(
        "\"notes.jpg\" is no photograph that can be marked; give JPEG, PNG, TIFF, WebP or HEIC files.",
        refused.getMessage());
    Path missing = folder.resolve("gone.jpg");
    assertTrue(
        assertThrows(InvalidInput.class, () -> Photographs.open(missing))
            .getMessage()
            .contains("There is no file"));
  }

  /** As light, 50 % of it is 188 of 255. */
  @ParameterizedTest
  @CsvSource({"JPEG", "PNG"})
  void theMarkHasItsOwnColourInAnotherProfile(PhotographFormat format) throws Exception {
    byte[] linear = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
    byte[] data = Arrays.copyOf(new byte[] {1, 1}, 2 + linear.length);
    System.arraycopy(linear, 0, data, 2, linear.length);
    BufferedImage image = MadePhotograph.picture(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
    Path from =
        Files.write(
            folder.resolve("p.jpg"),
            MadePhotograph.withSegments(
                MadePhotograph.file(image, "jpeg", ""),
                MadePhotograph.segment(0xE2, "ICC_PROFILE\0", data)));
    PhotographMarker grey =
        new PhotographMarker(
            new Renderer(ShippedFonts.shelf(), name -> Optional.empty(), Memory.NONE),
            new Dresses(
                Samples.overlay(
                    Frame.of(640, 360),
                    Samples.plate(
                        new PlateShape.Rectangle(),
                        Place.at(PinPoint.TOP_LEFT, Area.FRAME, 80, 60),
                        120,
                        60,
                        Samples.flat("#bcbcbc"))),
                Optional.empty()));
    Upright photograph = new Upright(Photographs.open(from));
    Hung hung = grey.hang(photograph, MARKING);
    Path to = folder.resolve("marked." + format.extensions().getFirst());
    grey.write(photograph, MARKING, hung, Credit.AS_IT_IS, format, to);
    Upright marked = new Upright(Photographs.open(to));
    Bounds middle =
        new Bounds(
            hung.place().left() + 15,
            hung.place().top() + 8,
            hung.place().left() + 16,
            hung.place().top() + 9);
    float[] stored = marked.parts(List.of(middle)).getFirst();
    for (float channel : stored) {
      assertEquals(0xbc, 255 * channel, 4);
    }
    RasterPicture seen = (RasterPicture) PictureReader.read("marked", Files.readAllBytes(to));
    int at = 4 * (middle.top() * seen.width() + middle.left());
    assertEquals(0xbc, 255 * seen.value(at), 4);
  }

  @ParameterizedTest
  @CsvSource({"PNG", "TIFF", "WEBP", "JPEG"})
  void theProfileComesAlong(PhotographFormat format) throws Exception {
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
    byte[] name = new byte[] {1, 1};
    byte[] data = Arrays.copyOf(name, 2 + profile.length);
    System.arraycopy(profile, 0, data, 2, profile.length);
    Path from =
        Files.write(
            folder.resolve("p.jpg"),
            MadePhotograph.withSegments(
                MadePhotograph.file(
                    MadePhotograph.picture(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR),
                    "jpeg",
                    ""),
                MadePhotograph.segment(0xE2, "ICC_PROFILE\0", data)));
    Made made = mark(from, format, Credit.AS_IT_IS);
    assertArrayEquals(profile, Photographs.open(made.path()).metadata().profile().orElseThrow());
    assertTrue(
        ImageMetadataReader.readMetadata(made.path().toFile())
            .containsDirectoryOfType(IccDirectory.class));
  }
}
