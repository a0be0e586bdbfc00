package app.diaphan.core.picture;

import java.util.Optional;

/**
 * What the markers of a JPEG file say (ITU-T T.81, annex B).
 *
 * @param frame the marker that begins the frame, 0xc0 to 0xcf; 0 if there is none
 * @param ended whether the file has its end
 */
record JpegMarkers(int frame, boolean ended) {
  private static final int START = 0xd8;
  private static final int END = 0xd9;
  private static final int SCAN = 0xda;

  /** Of a file that begins as one; none of others. */
  static Optional<JpegMarkers> of(byte[] bytes) {
    if (bytes.length < 4 || (bytes[0] & 0xff) != 0xff || (bytes[1] & 0xff) != START) {
      return Optional.empty();
    }
    int frame = 0;
    int at = 2;
    while (at + 1 < bytes.length) {
      int marker = bytes[at + 1] & 0xff;
      if ((bytes[at] & 0xff) != 0xff || marker == 0xff) {
        at++; // Fill bytes, or what some writers leave between segments.
      } else if (marker == END) {
        return Optional.of(new JpegMarkers(frame, true));
      } else if (standsAlone(marker)) {
        at += 2;
      } else {
        if (frame == 0 && beginsFrame(marker)) {
          frame = marker;
        }
        if (at + 3 >= bytes.length) {
          break;
        }
        at += 2 + ((bytes[at + 2] & 0xff) << 8 | bytes[at + 3] & 0xff);
        if (marker == SCAN) {
          at = afterScan(bytes, at);
        }
      }
    }
    return Optional.of(new JpegMarkers(frame, false));
  }

  private static boolean standsAlone(int marker) {
    return marker <= 1 || marker >= 0xd0 && marker <= 0xd8;
  }

  /** All of 0xc0 to 0xcf but the tables of Huffman's code and of arithmetic coding. */
  private static boolean beginsFrame(int marker) {
    return marker >= 0xc0 && marker <= 0xcf && marker != 0xc4 && marker != 0xc8 && marker != 0xcc;
  }

  private static int afterScan(byte[] bytes, int from) {
    int at = from;
    while (at + 1 < bytes.length
        && ((bytes[at] & 0xff) != 0xff || standsAlone(bytes[at + 1] & 0xff))) {
      at++;
    }
    return at;
  }

  /** How it is packed, if no decoder here undoes that. */
  Optional<String> unknownPacking() {
    if (frame >= 0xc9) {
      return Optional.of("JPEG's arithmetic coding");
    }
    if (frame == 0xc3 || frame >= 0xc5) {
      return Optional.of("lossless or hierarchical JPEG");
    }
    return Optional.empty();
  }
}
