package app.diaphan.core.photograph.jpeg;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A marker of a JPEG file and what belongs to it (ITU-T T.81, annex B).
 *
 * @param marker its second byte, 0xC0–0xFE
 * @param data without marker and length
 */
public record Segment(int marker, byte[] data) {
  /** A frame of 8-bit samples, each block coded at once. */
  static final int BASELINE = 0xC0;

  static final int EXTENDED = 0xC1;
  static final int PROGRESSIVE = 0xC2;
  static final int HUFFMAN_TABLES = 0xC4;

  /** Restarts are numbered from here to seven more. */
  static final int RESTART = 0xD0;

  static final int START = 0xD8;
  static final int END = 0xD9;
  static final int SCAN = 0xDA;
  public static final int QUANTIZATION_TABLES = 0xDB;
  static final int NUMBER_OF_LINES = 0xDC;
  static final int RESTART_INTERVAL = 0xDD;

  /** Application segments are numbered from here to fifteen more. */
  public static final int APPLICATION = 0xE0;

  public static final int COMMENT = 0xFE;

  /** Those of a file before its first scan, as far as they can be read. */
  public static List<Segment> beforeScans(byte[] file) {
    List<Segment> segments = new ArrayList<>();
    int at = 2;
    while (at + 4 <= file.length && file[at] == (byte) 0xFF) {
      int marker = file[at + 1] & 0xFF;
      int length = (file[at + 2] & 0xFF) << 8 | file[at + 3] & 0xFF;
      if (marker == 0xFF) {
        at++;
        continue;
      }
      if (marker == SCAN || marker < BASELINE || length < 2 || at + 2 + length > file.length) {
        break;
      }
      segments.add(new Segment(marker, Arrays.copyOfRange(file, at + 4, at + 2 + length)));
      at += 2 + length;
    }
    return segments;
  }

  /** An unsigned byte of its data. */
  int at(int place) throws NotByBlocks {
    if (place >= data.length) {
      throw new NotByBlocks("it is damaged");
    }
    return data[place] & 0xFF;
  }

  int shortAt(int place) throws NotByBlocks {
    return at(place) << 8 | at(place + 1);
  }

  /** Whether its data begins with these letters. */
  public boolean begins(byte[] letters) {
    return data.length >= letters.length
        && Arrays.equals(data, 0, letters.length, letters, 0, letters.length);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Segment s && s.marker == marker && Arrays.equals(s.data, data);
  }

  @Override
  public int hashCode() {
    return 31 * marker + Arrays.hashCode(data);
  }
}
