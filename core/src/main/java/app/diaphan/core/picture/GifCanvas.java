package app.diaphan.core.picture;

import java.io.IOException;
import java.util.List;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import org.w3c.dom.Node;

/** The canvas of a GIF file, on which its pictures may be smaller ones. */
final class GifCanvas {
  private GifCanvas() {}

  /** The first picture, on the canvas. */
  static Decoded read(ImageReader reader, List<String> notes) throws IOException {
    CanvasPlace place = place(reader);
    if (reader.getNumImages(true) > 1) {
      notes.add(ReaderNotes.ANIMATED);
    }
    return Decoded.of(place.with(reader.read(0)));
  }

  /** Large enough for the picture, whatever the file says of its canvas. */
  static CanvasPlace place(ImageReader reader) throws IOException {
    Node frame = find(reader.getImageMetadata(0), "ImageDescriptor");
    int left = number(frame, "imageLeftPosition");
    int top = number(frame, "imageTopPosition");
    Node screen = find(reader.getStreamMetadata(), "LogicalScreenDescriptor");
    return new CanvasPlace(
        Math.max(number(screen, "logicalScreenWidth"), left + reader.getWidth(0)),
        Math.max(number(screen, "logicalScreenHeight"), top + reader.getHeight(0)),
        left,
        top);
  }

  private static Node find(IIOMetadata metadata, String name) {
    IIOMetadataNode root =
        (IIOMetadataNode) metadata.getAsTree(metadata.getNativeMetadataFormatName());
    return root.getElementsByTagName(name).item(0);
  }

  private static int number(Node node, String attribute) {
    return Integer.parseInt(node.getAttributes().getNamedItem(attribute).getNodeValue());
  }
}
