package app.diaphan.core.photograph.metadata;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.imaging.formats.jpeg.iptc.IptcBlock;
import org.apache.commons.imaging.formats.jpeg.iptc.IptcConstants;
import org.apache.commons.imaging.formats.jpeg.iptc.IptcParser;
import org.apache.commons.imaging.formats.jpeg.iptc.IptcRecord;
import org.apache.commons.imaging.formats.jpeg.iptc.IptcTypes;
import org.apache.commons.imaging.formats.jpeg.iptc.PhotoshopApp13Data;

/** Blocks of "8BIM", and the records of IPTC's IIM among them. */
final class IptcResources {
  /** What the library expects before them, as JPEG files have it. */
  private static final byte[] HEAD = "Photoshop 3.0\0".getBytes(StandardCharsets.US_ASCII);

  /** Small pictures of the photograph as it was. */
  private static final List<Integer> THUMBNAILS = List.of(0x0409, 0x040C);

  private IptcResources() {}

  static boolean thumbnail(byte[] resources) {
    try {
      return parsed(resources).getRawBlocks().stream().anyMatch(IptcResources::isThumbnail);
    } catch (IOException | RuntimeException e) {
      return false;
    }
  }

  private static boolean isThumbnail(IptcBlock block) {
    return THUMBNAILS.contains(block.getBlockType());
  }

  private static PhotoshopApp13Data parsed(byte[] resources) throws IOException {
    byte[] whole = Arrays.copyOf(HEAD, HEAD.length + resources.length);
    System.arraycopy(resources, 0, whole, HEAD.length, resources.length);
    return new IptcParser().parsePhotoshopSegment(whole, false);
  }

  /**
   * Without small pictures, which are of the photograph as it was.
   *
   * @throws IOException if the blocks cannot be read
   */
  static byte[] changed(Optional<byte[]> resources, Credit credit) throws IOException {
    try {
      List<IptcRecord> records = new ArrayList<>();
      List<IptcBlock> blocks = new ArrayList<>();
      if (resources.isPresent()) {
        PhotoshopApp13Data data = parsed(resources.get());
        records.addAll(data.getRecords());
        blocks.addAll(data.getNonIptcBlocks());
      }
      blocks.removeIf(IptcResources::isThumbnail);
      put(records, IptcTypes.COPYRIGHT_NOTICE, credit.copyright());
      put(records, IptcTypes.BYLINE, credit.creator());
      put(records, IptcTypes.CREDIT, credit.line());
      if (!records.isEmpty()) {
        blocks.add(
            new IptcBlock(
                IptcConstants.IMAGE_RESOURCE_BLOCK_IPTC_DATA,
                new byte[0],
                new IptcParser().writeIptcBlock(records)));
      }
      byte[] whole =
          new IptcParser().writePhotoshopApp13Segment(new PhotoshopApp13Data(records, blocks));
      return Arrays.copyOfRange(whole, HEAD.length, whole.length);
    } catch (RuntimeException e) {
      throw new IOException(e);
    }
  }

  private static void put(List<IptcRecord> records, IptcTypes type, String words) {
    if (!words.isEmpty()) {
      records.removeIf(record -> record.iptcType == type);
      records.add(new IptcRecord(type, words));
    }
  }
}
