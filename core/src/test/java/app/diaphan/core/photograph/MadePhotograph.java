package app.diaphan.core.photograph;

import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** Photograph-like pictures and files of them, for tests. */
final class MadePhotograph {
  private MadePhotograph() {}

  static BufferedImage picture(int width, int height, int type) {
    BufferedImage image = new BufferedImage(width, height, type);
    Graphics2D g = image.createGraphics();
    g.setPaint(new GradientPaint(0, 0, new Color(0x9fc6d8), width, height, new Color(0x7b8f5a)));
    g.fillRect(0, 0, width, height);
    g.setColor(new Color(0x20, 0x40, 0x60, 0x80));
    g.fillOval(width / 5, height / 5, width / 3, height / 3);
    if (image.getColorModel().hasAlpha()) {
      g.setComposite(AlphaComposite.Clear);
      g.fillRect(0, 0, width / 6, height / 6);
    }
    g.dispose();
    return image;
  }

  /** With numbers that 8 bits do not hold. */
  static BufferedImage deep(int width, int height, int channels) {
    ColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(channels < 3 ? ColorSpace.CS_GRAY : ColorSpace.CS_sRGB),
            channels % 2 == 0,
            false,
            channels % 2 == 0 ? Transparency.TRANSLUCENT : Transparency.OPAQUE,
            DataBuffer.TYPE_USHORT);
    WritableRaster raster = model.createCompatibleWritableRaster(width, height);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        for (int c = 0; c < channels; c++) {
          raster.setSample(x, y, c, (x * 257 + y * 111 + c * 5003 + 20000) % 65536);
        }
      }
    }
    return new BufferedImage(model, raster, false, null);
  }

  static byte[] file(BufferedImage image, String format, String compression) throws IOException {
    ImageWriter writer = null;
    var writers = ImageIO.getImageWritersByFormatName(format);
    while (writers.hasNext() && writer == null) {
      ImageWriter one = writers.next();
      writer = one.getClass().getModule().isNamed() || format.equals("webp") ? one : null;
    }
    ImageWriteParam how = writer.getDefaultWriteParam();
    if (!compression.isEmpty()) {
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionType(compression);
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  /** A JPEG file with segments put before all others. */
  static byte[] withSegments(byte[] jpeg, byte[]... segments) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    for (byte[] segment : segments) {
      out.writeBytes(segment);
    }
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  static byte[] segment(int marker, String name, byte[] data) {
    byte[] letters = name.getBytes(StandardCharsets.ISO_8859_1);
    int length = 2 + letters.length + data.length;
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(new byte[] {(byte) 0xff, (byte) marker, (byte) (length >> 8), (byte) length});
    out.writeBytes(letters);
    out.writeBytes(data);
    return out.toByteArray();
  }
}
