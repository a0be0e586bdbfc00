package app.diaphan.core.picture;

import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Optional;
import java.util.zip.InflaterInputStream;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadataNode;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/** What PNG files say of their colours beside the pixels, which the platform's reader passes by. */
final class PngChunks {
  private static final int LARGEST_PROFILE = 16 << 20;

  /** Files that say sRGB's own mean gamma mean sRGB. */
  private static final double SRGB_GAMMA = 0.45455;

  private final IIOMetadataNode root;

  private PngChunks(IIOMetadataNode root) {
    this.root = root;
  }

  static Decoded read(ImageReader reader) throws IOException {
    BufferedImage image = reader.read(0);
    PngChunks chunks =
        new PngChunks(
            (IIOMetadataNode) reader.getImageMetadata(0).getAsTree("javax_imageio_png_1.0"));
    Optional<ICC_Profile> profile = chunks.profile(image);
    return new Decoded(
        image, profile, profile.isPresent() ? 0 : chunks.gamma(), false, chunks.clear(image));
  }

  private Optional<Node> find(String name) {
    NodeList found = root.getElementsByTagName(name);
    return found.getLength() == 0 ? Optional.empty() : Optional.of(found.item(0));
  }

  private Optional<ICC_Profile> profile(BufferedImage image) throws IOException {
    if (find("iCCP").orElse(null) instanceof IIOMetadataNode node
        && node.getUserObject() instanceof byte[] packed) {
      try (InflaterInputStream unpacked =
          new InflaterInputStream(new ByteArrayInputStream(packed))) {
        ICC_Profile profile = ICC_Profile.getInstance(unpacked.readNBytes(LARGEST_PROFILE));
        boolean fits = profile.getNumComponents() == image.getColorModel().getNumColorComponents();
        return fits ? Optional.of(profile) : Optional.empty();
      } catch (IllegalArgumentException | IOException e) {
        return Optional.empty(); // A profile that cannot be read says nothing.
      }
    }
    return Optional.empty();
  }

  private double gamma() {
    if (find("sRGB").isPresent()) {
      return 0;
    }
    double gamma = find("gAMA").map(node -> number(node, "value") / 100_000.0).orElse(0.0);
    return Math.abs(gamma - SRGB_GAMMA) < 0.005 || gamma > 5 || gamma < 0.05 ? 0 : gamma;
  }

  /** In samples as the decoder gives them. */
  private int[] clear(BufferedImage image) {
    int bits = find("IHDR").map(head -> number(head, "bitDepth")).orElse(Byte.SIZE);
    Optional<Node> grey = find("tRNS_Grayscale");
    if (grey.isPresent() && bits < Byte.SIZE) {
      // The platform spreads such greys over 8 bits, but looks for the clear one among the
      // unspread.
      return new int[] {number(grey.get(), "gray") * 255 / ((1 << bits) - 1)};
    }
    if (image.getColorModel().hasAlpha()) {
      return new int[0];
    }
    Optional<Node> rgb = find("tRNS_RGB");
    if (rgb.isPresent()) {
      return new int[] {
        number(rgb.get(), "red"), number(rgb.get(), "green"), number(rgb.get(), "blue")
      };
    }
    return grey.map(node -> new int[] {number(node, "gray")}).orElse(new int[0]);
  }

  private static int number(Node node, String attribute) {
    return Integer.parseInt(node.getAttributes().getNamedItem(attribute).getNodeValue());
  }
}
