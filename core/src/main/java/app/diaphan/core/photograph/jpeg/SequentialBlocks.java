package app.diaphan.core.photograph.jpeg;

import java.util.List;
import java.util.Optional;

/** Reads blocks that are coded at once, one after the other (ITU-T T.81, F.2.2). */
final class SequentialBlocks {
  /** Codes of this many clear coefficients without one after them. */
  private static final int CLEAR_RUN = 15;

  private final BitReader bits;
  private final HuffmanCode[] first;
  private final HuffmanCode[] other;

  /** The first coefficient of the block before, by the scan's parts. */
  private final int[] predicted;

  /**
   * @param tables of first coefficients, then of all others; those that the scan names are needed
   */
  SequentialBlocks(CoefficientScan scan, List<List<Optional<HuffmanCode>>> tables, BitReader bits)
      throws NotByBlocks {
    this.bits = bits;
    predicted = new int[scan.parts().size()];
    first = new HuffmanCode[predicted.length];
    other = new HuffmanCode[predicted.length];
    for (int i = 0; i < predicted.length; i++) {
      first[i] = HuffmanCode.present(tables.get(0).get(scan.parts().get(i).dcTable()));
      other[i] = HuffmanCode.present(tables.get(1).get(scan.parts().get(i).acTable()));
    }
  }

  int[] predicted() {
    return predicted.clone();
  }

  /** Goes on from other blocks than those that were read. */
  void predict(int[] from) {
    System.arraycopy(from, 0, predicted, 0, predicted.length);
  }

  /** Reads a block into a place that is clear. */
  void read(int part, short[] to, int place) throws NotByBlocks {
    to[place] = (short) first(part);
    HuffmanCode code = other[part];
    int at = 1;
    while (at < Coefficients.OF_BLOCK) {
      int symbol = code.read(bits);
      int length = symbol & 15;
      int run = symbol >> 4;
      if (length == 0) {
        if (run < CLEAR_RUN) {
          return;
        }
        at += run + 1;
        continue;
      }
      at += run;
      if (at >= Coefficients.OF_BLOCK) {
        throw new NotByBlocks("its data is damaged");
      }
      to[place + at] = (short) bits.signed(length);
      at++;
    }
  }

  /**
   * Passes a block by.
   *
   * @return its first coefficient
   */
  int pass(int part) throws NotByBlocks {
    int value = first(part);
    HuffmanCode code = other[part];
    int at = 1;
    while (at < Coefficients.OF_BLOCK) {
      int symbol = code.read(bits);
      int length = symbol & 15;
      if (length == 0 && symbol < CLEAR_RUN << 4) {
        return value;
      }
      at += (symbol >> 4) + 1;
      if (length > 0) {
        if (at > Coefficients.OF_BLOCK) {
          throw new NotByBlocks("its data is damaged");
        }
        bits.pass(length);
      }
    }
    return value;
  }

  private int first(int part) throws NotByBlocks {
    int length = first[part].read(bits);
    if (length > 15) {
      throw new NotByBlocks("its data is damaged");
    }
    predicted[part] += bits.signed(length);
    return (short) predicted[part];
  }
}
