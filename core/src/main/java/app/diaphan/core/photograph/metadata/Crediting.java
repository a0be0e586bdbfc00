package app.diaphan.core.photograph.metadata;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What is said of a photograph once a mark is on it.
 *
 * @param notes what could not be done, in sentences
 */
public record Crediting(Metadata metadata, List<String> notes) {
  /** Changes a block that may not be there. */
  @FunctionalInterface
  private interface Change {
    byte[] of(Optional<byte[]> block) throws IOException;
  }

  /**
   * Blocks are changed where credits are to be set or small pictures are out of date, and else left
   * as they are. One that cannot be read is left too, and told.
   *
   * @param thumbnail a small picture of the photograph with its mark, a JPEG file; made only if
   *     there is one to be exchanged
   */
  public static Crediting of(Metadata before, Credit credit, Supplier<byte[]> thumbnail) {
    List<String> notes = new ArrayList<>();
    boolean credited = !credit.empty();
    Optional<byte[]> exif =
        changed(
                before.exif(),
                !credit.copyright().isEmpty() || !credit.creator().isEmpty(),
                block -> ExifBlock.credited(block, credit),
                "EXIF",
                notes)
            .map(
                block ->
                    ExifThumbnail.there(block)
                        ? ExifThumbnail.exchanged(block, thumbnail.get())
                        : block);
    Optional<byte[]> resources =
        changed(
            before.resources(),
            credited || before.resources().filter(IptcResources::thumbnail).isPresent(),
            block -> IptcResources.changed(block, credit),
            "IPTC",
            notes);
    Optional<byte[]> xmp =
        changed(
            before.xmp(),
            credited || before.xmp().filter(XmpPacket::thumbnail).isPresent(),
            block -> XmpPacket.changed(block, credit),
            "XMP",
            notes);
    return new Crediting(new Metadata(exif, resources, xmp, before.profile()), List.copyOf(notes));
  }

  private static Optional<byte[]> changed(
      Optional<byte[]> block, boolean needed, Change change, String name, List<String> notes) {
    if (!needed) {
      return block;
    }
    try {
      return Optional.of(change.of(block));
    } catch (IOException e) {
      notes.add("Its " + name + " data cannot be read and were left as they are.");
      return block;
    }
  }
}
