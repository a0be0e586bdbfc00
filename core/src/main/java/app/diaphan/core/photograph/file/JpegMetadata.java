package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.jpeg.Segment;
import app.diaphan.core.photograph.metadata.Metadata;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Where JPEG files have their metadata: in application segments that begin with a name. */
final class JpegMetadata {
  /** A segment's length is told by 16 bits. */
  private static final int MOST = 65533;

  private static final int JFIF = Segment.APPLICATION;

  /** A kind of block, and how it is spread over segments. */
  private enum Block {
    EXIF("EXIF", 1, "Exif\0\0", Metadata::exif, false),
    XMP("XMP", 1, "http://ns.adobe.com/xap/1.0/\0", Metadata::xmp, false),
    PROFILE("colour profile", 2, "ICC_PROFILE\0", Metadata::profile, true),
    RESOURCES("IPTC", 13, "Photoshop 3.0\0", Metadata::resources, false);

    private final String words;
    private final int marker;
    private final byte[] name;
    private final Function<Metadata, Optional<byte[]>> of;
    private final boolean numbered;

    Block(
        String words,
        int application,
        String name,
        Function<Metadata, Optional<byte[]>> of,
        boolean numbered) {
      this.words = words;
      this.marker = Segment.APPLICATION + application;
      this.name = name.getBytes(StandardCharsets.ISO_8859_1);
      this.of = of;
      this.numbered = numbered;
    }

    private int head() {
      return name.length + (numbered ? 2 : 0);
    }

    private boolean holds(Segment segment) {
      return segment.marker() == marker && segment.begins(name) && segment.data().length > head();
    }

    /** All parts together, as they come. */
    private Optional<byte[]> of(List<Segment> segments) {
      ByteArrayOutputStream whole = new ByteArrayOutputStream();
      for (Segment segment : segments) {
        if (holds(segment) && (this == PROFILE || this == RESOURCES || whole.size() == 0)) {
          whole.write(segment.data(), head(), segment.data().length - head());
        }
      }
      return whole.size() == 0 ? Optional.empty() : Optional.of(whole.toByteArray());
    }

    private List<Segment> segments(byte[] block) {
      int room = MOST - head();
      int count = (block.length + room - 1) / room;
      List<Segment> segments = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        data.writeBytes(name);
        if (numbered) {
          data.write(i + 1);
          data.write(count);
        }
        data.writeBytes(
            Arrays.copyOfRange(block, i * room, Math.min(block.length, (i + 1) * room)));
        segments.add(new Segment(marker, data.toByteArray()));
      }
      return segments;
    }

    /** Whether it may lie in several segments. */
    private boolean fits(byte[] block) {
      return this == PROFILE || this == RESOURCES || block.length <= MOST - head();
    }
  }

  private JpegMetadata() {}

  static Metadata of(List<Segment> segments) {
    return new Metadata(
        Block.EXIF.of(segments),
        Block.RESOURCES.of(segments),
        Block.XMP.of(segments),
        Block.PROFILE.of(segments));
  }

  /**
   * Changes what is other than before, and leaves all other segments as and where they are.
   *
   * @param notes takes what could not be written, in sentences
   */
  static List<Segment> with(
      List<Segment> segments, Metadata before, Metadata after, List<String> notes) {
    List<Segment> changed = new ArrayList<>(segments);
    int newOnes = !changed.isEmpty() && changed.getFirst().marker() == JFIF ? 1 : 0;
    for (Block block : Block.values()) {
      Optional<byte[]> was = block.of.apply(before);
      Optional<byte[]> is = block.of.apply(after);
      if (same(was, is)) {
        continue;
      }
      if (is.isPresent() && !block.fits(is.get())) {
        notes.add(
            "Its " + block.words + " data became too long for a JPEG file and were left out.");
      }
      int at = newOnes;
      for (int i = changed.size() - 1; i >= 0; i--) {
        if (block.holds(changed.get(i))) {
          changed.remove(i);
          at = i;
        }
      }
      List<Segment> written = is.filter(block::fits).map(block::segments).orElse(List.of());
      changed.addAll(at, written);
      newOnes = Math.max(newOnes, at + written.size());
    }
    return List.copyOf(changed);
  }

  private static boolean same(Optional<byte[]> one, Optional<byte[]> other) {
    return one.isPresent() == other.isPresent()
        && (one.isEmpty() || Arrays.equals(one.get(), other.get()));
  }
}
