package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.awt.image.DataBufferUShort;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Pictures too big for the memory lie in files; nothing else about them is different. */
class BigPictureTest {
  private static final int SIDE = 4200;

  private static BufferedImage noise() {
    BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB);
    Random random = new Random(7);
    int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    Arrays.setAll(pixels, place -> random.nextInt());
    return image;
  }

  private static RasterPicture read(BufferedImage image) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    assertTrue(ImageIO.write(image, "tiff", bytes)); // Which packs nothing, so this is quick.
    return RasterReader.read("big", bytes.toByteArray());
  }

  @Test
  void everyPixelIsTheFilesOwn() throws IOException {
    BufferedImage image = noise();
    RasterPicture picture = read(image);
    assertInstanceOf(PixelStore.Filed.class, picture.store());
    assertTrue(picture.hasAlpha());
    for (int y = 0; y < SIDE; y += 13) {
      for (int x = y % 17; x < SIDE; x += 29) {
        int argb = image.getRGB(x, y);
        float alpha = (argb >>> 24) / 255f;
        int at = 4 * (y * SIDE + x);
        assertEquals((argb >> 16 & 0xff) / 255f * alpha, picture.value(at), 1e-6);
        assertEquals((argb & 0xff) / 255f * alpha, picture.value(at + 2), 1e-6);
        assertEquals(alpha, picture.value(at + 3), 1e-6);
      }
    }
    assertTrue(picture.bytes() < 4L * SIDE * SIDE, "it weighs less than it would in memory");
    assertEquals(List.of(), passingFiles(), "nothing is left, however the process ends");
  }

  private static List<Path> passingFiles() throws IOException {
    try (Stream<Path> files = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
      return files.filter(one -> one.getFileName().toString().startsWith("diaphan-pic")).toList();
    }
  }

  /** Of 16 bits, so that half as many pixels are too much for the memory. */
  @Test
  void itIsDrawnAndTurnedAsOneInMemoryIs() throws IOException {
    int width = 2900;
    int height = 3000;
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_USHORT_GRAY);
    short[] grey = ((DataBufferUShort) image.getRaster().getDataBuffer()).getData();
    short[] samples = new short[4 * grey.length];
    for (int i = 0; i < grey.length; i++) {
      grey[i] = (short) (i * 31);
      Arrays.fill(samples, 4 * i, 4 * i + 3, grey[i]);
      samples[4 * i + 3] = -1; // All bits: solid.
    }
    RasterPicture filed = read(image);
    PixelStore.Filed store = assertInstanceOf(PixelStore.Filed.class, filed.store());
    assertEquals(Short.BYTES, store.bytesPerSample());
    RasterPicture held =
        new RasterPicture(width, height, new PixelStore.Shorts(samples), false, "held");

    int last = grey.length - 1;
    PixelStore turned = store.reordered(width, height, place -> last - place);
    assertInstanceOf(PixelStore.Filed.class, turned);
    for (int i = 0; i < last; i += 97) {
      assertEquals(held.value(4 * i + 1), filed.value(4 * i + 1));
      assertEquals(held.value(4 * (last - i) + 1), turned.premultiplied(4 * i + 1));
    }

    float[] ours = new float[4];
    float[] theirs = new float[4];
    for (double scale : new double[] {1.5, 1, 0.4, 0.2, 0.03}) {
      AffineTransform to = AffineTransform.getScaleInstance(scale, scale);
      to.rotate(0.1);
      PictureSampler one = new PictureSampler(filed, to, PictureSampler.Beyond.ITS_EDGE);
      PictureSampler other = new PictureSampler(held, to, PictureSampler.Beyond.ITS_EDGE);
      for (int i = 0; i < 500; i++) {
        one.sample(i * 7 % 120, i, ours, 0);
        other.sample(i * 7 % 120, i, theirs, 0);
        assertArrayEquals(theirs, ours, 1e-7f, "at " + scale);
      }
    }
  }
}
