package app.diaphan.core.photograph.jpeg;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Reads the blocks of a scan (ITU-T T.81, F.2 and G.2). */
final class ScanReader implements CoefficientScan.Visit {
  /** Codes of this many clear coefficients without one after them. */
  private static final int CLEAR_RUN = 15;

  private final JpegFrame frame;
  private final CoefficientScan scan;
  private final List<Coefficients> coefficients;
  private final HuffmanCode[] dcCodes;
  private final HuffmanCode[] acCodes;
  private final BitReader bits;
  private final int[] predicted;
  private final Optional<SequentialBlocks> sequential;
  private final short[] block = new short[Coefficients.OF_BLOCK];

  /** Blocks that still end before they begin. */
  private int endRun;

  /**
   * @param tables of first coefficients, then of all others; those that the scan names are needed
   */
  ScanReader(
      JpegFrame frame,
      CoefficientScan scan,
      List<Coefficients> coefficients,
      List<List<Optional<HuffmanCode>>> tables,
      BitReader bits)
      throws NotByBlocks {
    this.frame = frame;
    this.scan = scan;
    this.coefficients = coefficients;
    this.bits = bits;
    predicted = new int[scan.parts().size()];
    dcCodes = new HuffmanCode[predicted.length];
    acCodes = new HuffmanCode[predicted.length];
    sequential =
        frame.progressive()
            ? Optional.empty()
            : Optional.of(new SequentialBlocks(scan, tables, bits));
    for (int i = 0; i < predicted.length; i++) {
      if (scan.from() == 0 && scan.high() == 0) {
        dcCodes[i] = HuffmanCode.present(tables.get(0).get(scan.parts().get(i).dcTable()));
      }
      if (scan.to() > 0) {
        acCodes[i] = HuffmanCode.present(tables.get(1).get(scan.parts().get(i).acTable()));
      }
    }
  }

  /** All blocks of the scan. */
  void read() throws NotByBlocks {
    scan.blocks(frame, this);
  }

  @Override
  public void restart(int number) throws NotByBlocks {
    bits.restart(number);
    Arrays.fill(predicted, 0);
    sequential.ifPresent(blocks -> blocks.predict(predicted));
    endRun = 0;
  }

  @Override
  public void block(int part, int column, int row) throws NotByBlocks {
    Coefficients all = coefficients.get(scan.parts().get(part).component());
    if (!frame.progressive()) {
      Arrays.fill(block, (short) 0);
      sequential.orElseThrow().read(part, block, 0);
    } else {
      all.block(column, row, block);
      progressive(part);
    }
    all.take(column, row, block);
  }

  private void progressive(int part) throws NotByBlocks {
    if (scan.from() == 0) {
      if (scan.high() == 0) {
        first(part);
      } else if (bits.bit()) {
        block[0] |= (short) (1 << scan.low());
      }
    } else if (scan.high() == 0) {
      coarse(part);
    } else {
      finer(part);
    }
  }

  private void first(int part) throws NotByBlocks {
    int length = dcCodes[part].read(bits);
    if (length > 15) {
      throw new NotByBlocks("its data is damaged");
    }
    predicted[part] += bits.signed(length);
    block[0] = (short) (predicted[part] << scan.low());
  }

  private void put(int at, int value) throws NotByBlocks {
    if (at > scan.to()) {
      throw new NotByBlocks("its data is damaged");
    }
    block[at] = (short) value;
  }

  private void coarse(int part) throws NotByBlocks {
    if (endRun > 0) {
      endRun--;
      return;
    }
    int at = scan.from();
    while (at <= scan.to()) {
      int symbol = acCodes[part].read(bits);
      int length = symbol & 15;
      int run = symbol >> 4;
      if (length == 0 && run < CLEAR_RUN) {
        endRun = (1 << run) - 1 + bits.bits(run);
        return;
      }
      at += run;
      if (length > 0) {
        put(at, bits.signed(length) << scan.low());
      }
      at++;
    }
  }

  /** One more bit of those that are there, and those that only now are (G.1.2.3). */
  private void finer(int part) throws NotByBlocks {
    int one = 1 << scan.low();
    int at = scan.from();
    if (endRun == 0) {
      while (at <= scan.to()) {
        int symbol = acCodes[part].read(bits);
        int run = symbol >> 4;
        int fresh = 0;
        if ((symbol & 15) > 0) {
          fresh = bits.bit() ? one : -one;
        } else if (run < CLEAR_RUN) {
          endRun = (1 << run) + bits.bits(run);
          break;
        }
        at = refined(at, run, one);
        if (fresh != 0) {
          put(at, fresh);
        }
        at++;
      }
    }
    if (endRun > 0) {
      refined(at, Integer.MAX_VALUE, one);
      endRun--;
    }
  }

  /**
   * Refines what is there until so many clear ones were passed.
   *
   * @return where the next clear one lies
   */
  private int refined(int from, int clear, int one) {
    int left = clear;
    int at = from;
    while (at <= scan.to()) {
      if (block[at] != 0) {
        if (bits.bit() && (Math.abs(block[at]) & one) == 0) {
          block[at] += (short) (block[at] > 0 ? one : -one);
        }
      } else if (left-- == 0) {
        break;
      }
      at++;
    }
    return at;
  }
}
