package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.picture.PictureFile.AlphaFound;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.Map;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Each kind of raster file comes through with its colours, its depth and its alpha. */
class RasterKindsTest {
  private static PictureFile read(byte[] bytes) {
    return PictureReader.readFile("made", bytes);
  }

  private static float[] pixels(PictureFile file) {
    return ((RasterPicture) file.picture()).pixels();
  }

  private static void assertPixel(
      PictureFile file, int place, double r, double g, double b, double a, double off) {
    double[] expected = {r * a, g * a, b * a, a};
    for (int c = 0; c < 4; c++) {
      assertEquals(expected[c], pixels(file)[4 * place + c], off, "pixel " + place + " of " + c);
    }
  }

  private static double encoded(double light) {
    return light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
  }

  @Test
  void greysOfEveryDepthAreTakenAsTheyAreWritten() {
    PictureFile eight = read(new PngFile(2, 1, 8, 0).pixels((byte) 0, (byte) 128, (byte) 255));
    assertPixel(eight, 0, 128 / 255.0, 128 / 255.0, 128 / 255.0, 1, 1e-6);
    PictureFile sixteen = read(new PngFile(1, 1, 16, 0).pixels((byte) 0, (byte) 0x12, (byte) 0x34));
    assertEquals(16, sixteen.bits());
    assertPixel(sixteen, 0, 0x1234 / 65535.0, 0x1234 / 65535.0, 0x1234 / 65535.0, 1, 1e-6);
    PictureFile one = read(new PngFile(8, 1, 1, 0).pixels((byte) 0, (byte) 0x80));
    assertPixel(one, 0, 1, 1, 1, 1, 1e-6);
    assertPixel(one, 1, 0, 0, 0, 1, 1e-6);
    PictureFile thin =
        read(
            new PngFile(1, 1, 16, 4)
                .pixels((byte) 0, (byte) 0x80, (byte) 0, (byte) 0x40, (byte) 0));
    assertPixel(thin, 0, 0.5, 0.5, 0.5, 0x4000 / 65535.0, 1e-4);
    assertEquals(AlphaFound.USED, thin.alpha());
  }

  @Test
  void palettesKeepTheirClearColours() {
    PictureFile file =
        read(
            new PngFile(3, 1, 8, 3)
                .chunk("PLTE", (byte) 255, (byte) 0, (byte) 0, (byte) 0, (byte) 255, (byte) 0)
                .chunk("tRNS", (byte) 0x80)
                .pixels((byte) 0, (byte) 0, (byte) 1, (byte) 0));
    assertPixel(file, 0, 1, 0, 0, 0x80 / 255.0, 1e-6);
    assertPixel(file, 1, 0, 1, 0, 1, 1e-6);
    assertEquals(AlphaFound.USED, file.alpha());
  }

  @Test
  void oneColourDeclaredClearIsClear() {
    PictureFile rgb =
        read(
            new PngFile(2, 1, 8, 2)
                .chunk("tRNS", (byte) 0, (byte) 255, (byte) 0, (byte) 0, (byte) 0, (byte) 255)
                .pixels(
                    (byte) 0, (byte) 255, (byte) 0, (byte) 255, (byte) 255, (byte) 0, (byte) 254));
    assertEquals(0, pixels(rgb)[3]);
    assertEquals(1, pixels(rgb)[7]);
    assertTrue(rgb.picture().hasAlpha());
    PictureFile grey =
        read(
            new PngFile(2, 1, 8, 0)
                .chunk("tRNS", (byte) 0, (byte) 77)
                .pixels((byte) 0, (byte) 77, (byte) 78));
    assertEquals(0, pixels(grey)[3]);
    assertEquals(1, pixels(grey)[7]);
  }

  @Test
  void interlacedFilesAreWhole() throws IOException {
    BufferedImage image = new BufferedImage(37, 23, BufferedImage.TYPE_INT_ARGB);
    for (int i = 0; i < 37 * 23; i++) {
      image.setRGB(i % 37, i / 37, 0xff000000 | i * 0x050301);
    }
    ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
    byte[] bytes = written(writer, image, how, null);
    assertEquals(1, bytes[28], "the file is interlaced");
    PictureFile file = read(bytes);
    for (int i = 0; i < 37 * 23; i++) {
      assertEquals((i * 0x050301 >> 16 & 0xff) / 255f, pixels(file)[4 * i], 1e-6);
    }
  }

  @Test
  void anOwnGammaIsBroughtToThatOfTheScreen() {
    byte[] linear = {0, 1, (byte) 0x86, (byte) 0xa0}; // 1.0
    byte[] half = {0, (byte) 128, (byte) 128, (byte) 128};
    PictureFile file = read(new PngFile(1, 1, 8, 2).chunk("gAMA", linear).pixels(half));
    double expected = encoded(128 / 255.0);
    assertPixel(file, 0, expected, expected, expected, 1, 1e-5);
    PictureFile declared =
        read(new PngFile(1, 1, 8, 2).chunk("sRGB", (byte) 0).chunk("gAMA", linear).pixels(half));
    assertPixel(declared, 0, 128 / 255.0, 128 / 255.0, 128 / 255.0, 1, 1e-6);
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 16})
  void anEmbeddedProfileIsBroughtToThatOfTheScreen(int depth) {
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
    byte[] row = new byte[1 + 3 * depth / 8];
    Arrays.fill(row, 1, row.length, (byte) 0x33);
    PictureFile file = read(new PngFile(1, 1, depth, 2).profile(profile).pixels(row));
    double expected = encoded(0.2);
    assertPixel(file, 0, expected, expected, expected, 1, 0.004);
    assertFalse(file.profile().isEmpty());
    PictureFile broken = read(new PngFile(1, 1, 8, 2).profile(new byte[300]).pixels(new byte[4]));
    assertPixel(broken, 0, 0, 0, 0, 1, 1e-6);
    assertEquals("", broken.profile());
  }

  @ParameterizedTest
  @CsvSource({
    "LZW, false",
    "Deflate, false",
    "PackBits, false",
    "LZW, true",
    "JPEG, false",
    ", true"
  })
  void tiffFilesOfEveryPackingAreRead(String compression, boolean tiled) throws IOException {
    BufferedImage image = new BufferedImage(90, 70, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(0x2a7f90));
    g.fillRect(0, 0, 90, 70);
    g.setColor(Color.ORANGE);
    g.fillRect(50, 40, 40, 30);
    g.dispose();
    ImageWriter writer = platformWriter("tiff");
    ImageWriteParam how = writer.getDefaultWriteParam();
    if (compression != null) {
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionType(compression);
    }
    if (tiled) {
      how.setTilingMode(ImageWriteParam.MODE_EXPLICIT);
      how.setTiling(32, 32, 0, 0);
    }
    PictureFile file = read(written(writer, image, how, null));
    assertEquals("TIFF", file.format());
    double off = "JPEG".equals(compression) ? 0.03 : 1e-6;
    assertPixel(file, 5 * 90 + 5, 0x2a / 255.0, 0x7f / 255.0, 0x90 / 255.0, 1, off);
    assertPixel(file, 60 * 90 + 80, 1, 200 / 255.0, 0, 1, off);
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void tiffAlphaIsReadStraightOrMultiplied(boolean multiplied) throws IOException {
    WritableRaster raster = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, 1, 1, 4, null);
    int[] stored =
        multiplied ? new int[] {16384, 8192, 0, 32768} : new int[] {32768, 16384, 0, 32768};
    raster.setPixel(0, 0, stored);
    ColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            true,
            multiplied,
            ColorModel.TRANSLUCENT,
            DataBuffer.TYPE_USHORT);
    BufferedImage image = new BufferedImage(model, raster, multiplied, null);
    ImageWriter writer = platformWriter("tiff");
    IIOMetadata metadata =
        writer.getDefaultImageMetadata(
            ImageTypeSpecifier.createFromRenderedImage(image), writer.getDefaultWriteParam());
    TIFFDirectory directory = TIFFDirectory.createFromMetadata(metadata);
    directory.addTIFFField(
        new TIFFField(
            BaselineTIFFTagSet.getInstance().getTag(BaselineTIFFTagSet.TAG_EXTRA_SAMPLES),
            multiplied ? 1 : 2));
    PictureFile file =
        read(written(writer, image, writer.getDefaultWriteParam(), directory.getAsMetadata()));
    assertEquals(16, file.bits());
    assertPixel(file, 0, 0.5, 0.25, 0, 0.5, 1e-3);
  }

  /** One strip of four inks, field by field (TIFF 6.0, section 16): 255 is full ink. */
  @Test
  void printColoursOfTiffFilesAreBroughtToThoseOfAScreen() {
    int[][] fields = {
      {256, 4, 1, 3}, {257, 4, 1, 1}, {258, 3, 4, 200}, {259, 3, 1, 1}, {262, 3, 1, 5},
      {273, 4, 1, 208}, {277, 3, 1, 4}, {278, 4, 1, 1}, {279, 4, 1, 12}, {284, 3, 1, 1}
    };
    ByteBuffer file = ByteBuffer.allocate(220).order(ByteOrder.LITTLE_ENDIAN);
    file.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8);
    file.putShort((short) fields.length);
    for (int[] field : fields) {
      file.putShort((short) field[0]).putShort((short) field[1]).putInt(field[2]).putInt(field[3]);
    }
    file.putInt(0).position(200);
    for (int i = 0; i < 4; i++) {
      file.putShort((short) 8);
    }
    byte full = (byte) 255;
    file.put(new byte[] {0, full, full, 0, 0, 0, 0, 0, 0, 0, 0, full});
    PictureFile picture = read(file.array());
    float[] found = pixels(picture);
    assertTrue(found[0] > 0.7 && found[1] < 0.4 && found[2] < 0.4, "magenta and yellow are red");
    assertTrue(found[4] > 0.95 && found[5] > 0.95 && found[6] > 0.95, "no ink is paper");
    assertTrue(found[8] < 0.25 && found[9] < 0.25, "black");
  }

  @Test
  void aPhotographsOwnProfileIsBroughtToThatOfTheScreen() throws IOException {
    BufferedImage image = new BufferedImage(32, 32, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(51, 51, 51));
    g.fillRect(0, 0, 32, 32);
    g.dispose();
    ByteArrayOutputStream plain = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", plain);
    byte[] jpeg = plain.toByteArray();
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
    // Behind the first marker, as ICC.1 annex B.4 has it.
    ByteBuffer marked = ByteBuffer.allocate(jpeg.length + profile.length + 18);
    marked.put(jpeg, 0, 2).put((byte) 0xff).put((byte) 0xe2);
    marked.putShort((short) (profile.length + 16)).put("ICC_PROFILE".getBytes()).put((byte) 0);
    marked.put((byte) 1).put((byte) 1).put(profile).put(jpeg, 2, jpeg.length - 2);
    PictureFile file = read(marked.array());
    double expected = encoded(51 / 255.0);
    assertPixel(file, 500, expected, expected, expected, 1, 0.01);
    assertFalse(file.profile().isEmpty());
    assertPixel(read(jpeg), 500, 0.2, 0.2, 0.2, 1, 0.01);
  }

  @Test
  void theProfileOfATiffFileIsBroughtToThatOfTheScreen() throws IOException {
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
    BufferedImage image = new BufferedImage(4, 4, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(51, 51, 51));
    g.fillRect(0, 0, 4, 4);
    g.dispose();
    ImageWriter writer = platformWriter("tiff");
    TIFFDirectory directory =
        TIFFDirectory.createFromMetadata(
            writer.getDefaultImageMetadata(
                ImageTypeSpecifier.createFromRenderedImage(image), writer.getDefaultWriteParam()));
    directory.addTIFFField(
        new TIFFField(
            BaselineTIFFTagSet.getInstance().getTag(BaselineTIFFTagSet.TAG_ICC_PROFILE),
            TIFFTag.TIFF_UNDEFINED,
            profile.length,
            profile));
    PictureFile file =
        read(written(writer, image, writer.getDefaultWriteParam(), directory.getAsMetadata()));
    double expected = encoded(51 / 255.0);
    assertPixel(file, 5, expected, expected, expected, 1, 0.004);
    assertFalse(file.profile().isEmpty());
  }

  @Test
  void theProfileOfAWebPFileIsBroughtToThatOfTheScreen() {
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
    PictureFile file = read(WebPFile.of(8, 6, new Color(51, 102, 204), profile));
    assertEquals("WebP", file.format());
    assertEquals(8, file.picture().ownWidth());
    assertPixel(
        file, 20, encoded(51 / 255.0), encoded(102 / 255.0), encoded(204 / 255.0), 1, 0.004);
    assertFalse(file.profile().isEmpty());
    PictureFile plain = read(WebPFile.of(8, 6, new Color(51, 102, 204), new byte[0]));
    assertPixel(plain, 20, 0.2, 0.4, 0.8, 1, 1e-6);
    assertEquals("", plain.profile());
  }

  @Test
  void aGreyPhotographIsNotLightened() throws IOException {
    BufferedImage image = new BufferedImage(16, 16, BufferedImage.TYPE_BYTE_GRAY);
    for (int i = 0; i < 256; i++) {
      image.getRaster().setSample(i % 16, i / 16, 0, 100);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    PictureFile file = read(out.toByteArray());
    assertPixel(file, 40, 100 / 255.0, 100 / 255.0, 100 / 255.0, 1, 0.01);
    assertEquals(AlphaFound.NONE, file.alpha());
  }

  @Test
  void theFirstPictureOfAnAnimationIsShown() throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.prepareWriteSequence(null);
      for (Color colour : new Color[] {Color.RED, Color.BLUE}) {
        BufferedImage image = new BufferedImage(12, 9, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(colour);
        g.fillRect(0, 0, 12, 9);
        g.dispose();
        writer.writeToSequence(new IIOImage(image, null, null), null);
      }
      writer.endWriteSequence();
    } finally {
      writer.dispose();
    }
    PictureFile file = read(bytes.toByteArray());
    assertEquals("GIF", file.format());
    assertPixel(file, 20, 1, 0, 0, 1, 0.01);
  }

  @Test
  void anAlphaThatIsSolidEverywhereIsToldApart() throws IOException {
    Map<AlphaFound, Integer> alphas =
        Map.of(AlphaFound.SOLID_THROUGHOUT, 0xff224466, AlphaFound.USED, 0xfe224466);
    for (var alpha : alphas.entrySet()) {
      BufferedImage image = new BufferedImage(2, 1, BufferedImage.TYPE_INT_ARGB);
      image.setRGB(0, 0, 0xff224466);
      image.setRGB(1, 0, alpha.getValue());
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      assertEquals(alpha.getKey(), read(out.toByteArray()).alpha());
    }
  }

  /** The Java platform's own, which can do more than others that are found first. */
  private static ImageWriter platformWriter(String format) {
    var writers = ImageIO.getImageWritersByFormatName(format);
    while (writers.hasNext()) {
      ImageWriter writer = writers.next();
      if (writer.getClass().getName().startsWith("com.sun.")) {
        return writer;
      }
    }
    throw new AssertionError("no writer of " + format);
  }

  private static byte[] written(
      ImageWriter writer, BufferedImage image, ImageWriteParam how, IIOMetadata metadata)
      throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, metadata), how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
