package app.diaphan.core.photograph.jpeg;

import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The blocks of a sequential scan, of which rows are decoded when they are asked for: of most
 * photographs a mark touches few.
 */
final class CodedUnits {
  /** So many bytes of decoded rows are remembered; changed ones are kept whatever they take. */
  private static final long REMEMBERED = 8L << 20;

  private final byte[] file;
  private final CoefficientScan scan;
  private final List<List<Optional<HuffmanCode>>> codes;
  private final int across;
  private final int[] blocksAcross;
  private final int[] blocksDown;
  private final CodedRows rows;
  private final int[][] predicted;

  /** First coefficients of all blocks, by the scan's parts. */
  private final short[][] first;

  private final Map<Integer, short[][]> changed = new HashMap<>();
  private final Map<Integer, short[][]> remembered;

  /** The row that was asked for last. */
  private int inHandAt = -1;

  private short[][] inHand = {};

  /**
   * Passes all of the scan by.
   *
   * @throws NotByBlocks if it is damaged
   */
  CodedUnits(
      byte[] file,
      JpegFrame frame,
      CoefficientScan scan,
      List<List<Optional<HuffmanCode>>> codes,
      BitReader bits)
      throws NotByBlocks {
    this.file = file;
    this.scan = scan;
    this.codes = codes;
    across = scan.unitsAcross(frame);
    int parts = scan.parts().size();
    blocksAcross = new int[parts];
    blocksDown = new int[parts];
    first = new short[parts][];
    int down = scan.unitsDown(frame);
    for (int part = 0; part < parts; part++) {
      JpegFrame.Component component = frame.components().get(scan.parts().get(part).component());
      blocksAcross[part] = parts == 1 ? 1 : component.across();
      blocksDown[part] = parts == 1 ? 1 : component.down();
      first[part] = new short[across * blocksAcross[part] * down * blocksDown[part]];
    }
    predicted = new int[down][];
    rows = pass(new SequentialBlocks(scan, codes, bits), bits, down);
    long bytes = 0;
    for (int part = 0; part < parts; part++) {
      bytes += rowLength(part) * (long) Short.BYTES;
    }
    int most = (int) Math.max(2, REMEMBERED / Math.max(1, bytes));
    remembered =
        new LinkedHashMap<>(16, 0.75f, true) {
          private static final long serialVersionUID = 1L;

          @Override
          protected boolean removeEldestEntry(Map.Entry<Integer, short[][]> eldest) {
            return size() > most;
          }
        };
  }

  private CodedRows pass(SequentialBlocks blocks, BitReader bits, int down) throws NotByBlocks {
    long[] starts = new long[down];
    long[] seconds = new long[down];
    for (int row = 0; row < down; row++) {
      starts[row] = bits.position();
      predicted[row] = blocks.predicted();
      for (int unit = 0; unit < across; unit++) {
        for (int part = 0; part < first.length; part++) {
          int wide = across * blocksAcross[part];
          for (int i = 0; i < blocksAcross[part] * blocksDown[part]; i++) {
            int column = unit * blocksAcross[part] + i % blocksAcross[part];
            int line = row * blocksDown[part] + i / blocksAcross[part];
            first[part][line * wide + column] = (short) blocks.pass(part);
          }
        }
        if (unit == 0) {
          seconds[row] = bits.position();
        }
      }
    }
    return new CodedRows(starts, seconds, bits.position());
  }

  /** Where rows are coded. */
  CodedRows rows() {
    return rows;
  }

  private int rowLength(int part) {
    return across * blocksAcross[part] * blocksDown[part] * Coefficients.OF_BLOCK;
  }

  void block(int part, int column, int line, short[] to) {
    short[] row = row(line / blocksDown[part])[part];
    System.arraycopy(row, place(part, column, line), to, 0, Coefficients.OF_BLOCK);
  }

  void put(int part, int column, int line, short[] from) {
    int unitRow = line / blocksDown[part];
    short[][] row = row(unitRow);
    changed.put(unitRow, row);
    System.arraycopy(from, 0, row[part], place(part, column, line), Coefficients.OF_BLOCK);
    first[part][line * across * blocksAcross[part] + column] = from[0];
  }

  short first(int part, int column, int line) {
    return first[part][line * across * blocksAcross[part] + column];
  }

  private int place(int part, int column, int line) {
    return (line % blocksDown[part] * across * blocksAcross[part] + column) * Coefficients.OF_BLOCK;
  }

  private short[][] row(int unitRow) {
    if (unitRow == inHandAt) {
      return inHand;
    }
    short[][] known = changed.get(unitRow);
    if (known == null) {
      known = remembered.get(unitRow);
    }
    if (known == null) {
      known = decoded(unitRow);
      remembered.put(unitRow, known);
    }
    inHandAt = unitRow;
    inHand = known;
    return known;
  }

  private short[][] decoded(int unitRow) {
    short[][] row = new short[first.length][];
    Arrays.setAll(row, part -> new short[rowLength(part)]);
    long start = rows.starts()[unitRow];
    BitReader bits = new BitReader(file, (int) (start / Byte.SIZE));
    bits.pass((int) (start % Byte.SIZE));
    try {
      SequentialBlocks blocks = new SequentialBlocks(scan, codes, bits);
      blocks.predict(predicted[unitRow]);
      for (int unit = 0; unit < across; unit++) {
        for (int part = 0; part < row.length; part++) {
          for (int i = 0; i < blocksAcross[part] * blocksDown[part]; i++) {
            int column = unit * blocksAcross[part] + i % blocksAcross[part];
            int place = place(part, column, i / blocksAcross[part]);
            blocks.read(part, row[part], place);
          }
        }
      }
      return row;
    } catch (NotByBlocks e) {
      throw new IllegalStateException(e); // It was passed by before.
    }
  }
}
