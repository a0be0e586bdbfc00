package app.diaphan.core.photograph.metadata;

import app.diaphan.core.picture.Orientation;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * What a photograph's file says of it, in blocks that all formats hold alike. Blocks that nobody
 * changes go from file to file byte for byte.
 *
 * @param exif the structure that TIFF files have, without what formats put before it
 * @param resources blocks of "8BIM", one of which may hold records of IPTC's IIM
 * @param xmp a packet of it
 * @param profile of colours, by the ICC
 */
public record Metadata(
    Optional<byte[]> exif,
    Optional<byte[]> resources,
    Optional<byte[]> xmp,
    Optional<byte[]> profile) {
  public static final Metadata NONE =
      new Metadata(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

  /** What a TIFF file's own tags say, as other formats hold it. */
  public static Optional<byte[]> exifOfTiff(Path file) {
    return ExifBlock.ofTiff(file);
  }

  /** Its entries by directory; none if it cannot be read. */
  public List<ExifEntry> exifEntries() {
    return exif.map(ExifBlock::entries).orElse(List.of());
  }

  /** Upright if nothing is said that can be read. */
  public Orientation orientation() {
    return exif.map(ExifBlock::orientation).orElse(Orientation.UPRIGHT);
  }

  /** Whether a small picture of the photograph lies within. */
  public boolean thumbnail() {
    return exif.filter(ExifThumbnail::there).isPresent();
  }

  /** For pixels that were turned. */
  public Metadata upright() {
    return new Metadata(exif.flatMap(ExifBlock::upright), resources, xmp, profile);
  }

  /** For pixels in another colour space. */
  public Metadata withProfile(Optional<byte[]> other) {
    return new Metadata(exif, resources, xmp, other);
  }
}
