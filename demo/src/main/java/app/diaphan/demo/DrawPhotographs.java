package app.diaphan.demo;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Writes the demo's twelve photographs, with what a camera says of them. */
public final class DrawPhotographs {
  private static final String CAMERA = "Osier Point Works";

  private DrawPhotographs() {}

  /**
   * @param arguments the folder
   */
  public static void main(String[] arguments) throws IOException {
    Path folder = Files.createDirectories(Path.of(arguments[0]));
    for (DemoPhotograph photograph : DemoPhotograph.all()) {
      BufferedImage image =
          new BufferedImage(
              photograph.uprightWidth(), photograph.uprightHeight(), BufferedImage.TYPE_INT_RGB);
      Graphics2D g = image.createGraphics();
      g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
      g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
      photograph.draw(g);
      g.dispose();
      BoatAtAnchor.grain(image);
      byte[] jpeg = encoded(stored(image, photograph.orientation()), photograph.quality());
      Files.write(folder.resolve(photograph.file()), tagged(jpeg, photograph.orientation()));
    }
  }

  /** As the camera's sensor saw it. */
  private static BufferedImage stored(BufferedImage upright, int orientation) {
    int width = upright.getWidth();
    int height = upright.getHeight();
    boolean sideways = orientation >= 5;
    BufferedImage stored =
        new BufferedImage(
            sideways ? height : width, sideways ? width : height, BufferedImage.TYPE_INT_RGB);
    AffineTransform turn =
        switch (orientation) {
          case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
          case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
          case 6 -> new AffineTransform(0, -1, 1, 0, 0, width);
          case 8 -> new AffineTransform(0, 1, -1, 0, height, 0);
          default -> new AffineTransform();
        };
    Graphics2D g = stored.createGraphics();
    g.drawImage(upright, turn, null);
    g.dispose();
    return stored;
  }

  private static byte[] encoded(BufferedImage image, float quality) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(quality);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  /** Puts EXIF with the camera and how it was held before all else (EXIF 2.3). */
  private static byte[] tagged(byte[] jpeg, int orientation) {
    byte[] camera = (CAMERA + "\0").getBytes(StandardCharsets.US_ASCII);
    int directory = 2 + 2 * 12 + 4;
    ByteBuffer exif = ByteBuffer.allocate(6 + 8 + directory + camera.length);
    exif.put("Exif\0\0MM\0*".getBytes(StandardCharsets.ISO_8859_1)).putInt(8).putShort((short) 2);
    exif.putShort((short) 0x010F).putShort((short) 2).putInt(camera.length).putInt(8 + directory);
    exif.putShort((short) 0x0112).putShort((short) 3).putInt(1);
    exif.putShort((short) orientation).putShort((short) 0);
    exif.putInt(0).put(camera);
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    all.write(jpeg, 0, 2);
    int length = exif.capacity() + 2;
    all.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
    all.writeBytes(exif.array());
    all.write(jpeg, 2, jpeg.length - 2);
    return all.toByteArray();
  }
}
