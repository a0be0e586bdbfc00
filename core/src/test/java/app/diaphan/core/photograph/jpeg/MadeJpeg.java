package app.diaphan.core.photograph.jpeg;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import org.w3c.dom.NodeList;

/**
 * A photograph-like picture as a JPEG file, by the platform's encoder (libjpeg).
 *
 * @param across how many samples of brightness there are for one of colour
 * @param restart units after which codes begin anew; 0 for never
 */
record MadeJpeg(
    int width,
    int height,
    boolean grey,
    float quality,
    boolean progressive,
    int across,
    int down,
    int restart) {
  private static final String FORM = "javax_imageio_jpeg_image_1.0";

  BufferedImage picture() {
    BufferedImage image =
        new BufferedImage(
            width, height, grey ? BufferedImage.TYPE_BYTE_GRAY : BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setPaint(new GradientPaint(0, 0, new Color(0x9fc6d8), 0, height, new Color(0x124b5c)));
    g.fillRect(0, 0, width, height);
    Random random = new Random(5L * width + height);
    for (int i = 0; i < 40; i++) {
      g.setColor(new Color(random.nextInt(0x1000000)));
      double size = 1 + random.nextDouble() * Math.max(width, height) / 4;
      g.fill(
          new Ellipse2D.Double(
              random.nextDouble() * width, random.nextDouble() * height, size, size));
    }
    g.dispose();
    return image;
  }

  byte[] bytes() throws IOException {
    BufferedImage image = picture();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(quality);
    how.setProgressiveMode(
        progressive ? ImageWriteParam.MODE_DEFAULT : ImageWriteParam.MODE_DISABLED);
    IIOMetadata told =
        writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), how);
    IIOMetadataNode tree = (IIOMetadataNode) told.getAsTree(FORM);
    NodeList components = tree.getElementsByTagName("componentSpec");
    if (!grey) {
      IIOMetadataNode first = (IIOMetadataNode) components.item(0);
      first.setAttribute("HsamplingFactor", Integer.toString(across));
      first.setAttribute("VsamplingFactor", Integer.toString(down));
    }
    IIOMetadataNode markers = (IIOMetadataNode) tree.getElementsByTagName("markerSequence").item(0);
    IIOMetadataNode comment = new IIOMetadataNode("com");
    comment.setAttribute("comment", "Quay at dusk");
    markers.insertBefore(comment, markers.getFirstChild());
    if (restart > 0) {
      IIOMetadataNode interval = new IIOMetadataNode("dri");
      interval.setAttribute("interval", Integer.toString(restart));
      markers.insertBefore(interval, markers.getFirstChild());
    }
    told.setFromTree(FORM, tree);
    return written(writer, new IIOImage(image, null, told), how);
  }

  private static byte[] written(ImageWriter writer, IIOImage image, ImageWriteParam how)
      throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, image, how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  /** Of four colours, as print has them. */
  static byte[] ofFour(int width, int height) throws IOException {
    WritableRaster raster = Raster.createInterleavedRaster(0, width, height, 4, null);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        raster.setPixel(x, y, new int[] {x * 5 & 255, y * 7 & 255, x * y & 255, x + y & 255});
      }
    }
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    return written(
        writer, new IIOImage((Raster) raster, null, null), writer.getDefaultWriteParam());
  }
}
