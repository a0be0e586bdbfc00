package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.jpeg.JpegFile;
import app.diaphan.core.photograph.jpeg.NotByBlocks;
import app.diaphan.core.photograph.metadata.Metadata;
import java.awt.image.BufferedImage;
import java.awt.image.RenderedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/** Codes JPEG files anew, by the platform's encoder. */
final class JpegSink {
  private static final String FORM = "javax_imageio_jpeg_image_1.0";

  private JpegSink() {}

  /** A small picture to lie within a photograph's metadata. */
  static byte[] thumbnail(BufferedImage small) {
    try {
      return encoded(small, 0.85);
    } catch (IOException e) {
      throw new UncheckedIOException(e); // It is written to memory.
    }
  }

  /**
   * @param quality 0–1
   * @return what could not be written, in sentences
   */
  static List<String> write(RowSource rows, Metadata metadata, double quality, OutputStream to)
      throws IOException {
    byte[] bytes = encoded(new RowsImage(new EightBitRows(rows, true)), quality);
    List<String> notes = new ArrayList<>();
    try {
      JpegFile.read(bytes)
          .withSegments(segments -> JpegMetadata.with(segments, Metadata.NONE, metadata, notes))
          .write(to);
    } catch (NotByBlocks e) {
      throw new IOException(e);
    }
    return notes;
  }

  /** Every pixel has a colour of its own: lines of a mark are finer than two of them. */
  private static byte[] encoded(RenderedImage image, double quality) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream output = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(output);
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality((float) quality);
      IIOMetadata told =
          writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), how);
      IIOMetadataNode tree = (IIOMetadataNode) told.getAsTree(FORM);
      IIOMetadataNode first = (IIOMetadataNode) tree.getElementsByTagName("componentSpec").item(0);
      first.setAttribute("HsamplingFactor", "1");
      first.setAttribute("VsamplingFactor", "1");
      told.setFromTree(FORM, tree);
      writer.write(null, new IIOImage(image, null, told), how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
