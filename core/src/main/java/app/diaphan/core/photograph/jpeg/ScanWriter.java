package app.diaphan.core.photograph.jpeg;

import java.util.Arrays;
import java.util.List;

/** Codes the blocks of a scan (ITU-T T.81, F.1 and G.1). */
final class ScanWriter implements CoefficientScan.Visit {
  private static final int CLEAR_RUN = 15;

  /** More blocks than this cannot end in one code. */
  private static final int MOST_ENDED = 0x7FFF;

  /** Bits that wait for the code of the blocks they belong to. */
  private static final int MOST_WAITING = 1000;

  private final JpegFrame frame;
  private final CoefficientScan scan;
  private final List<Coefficients> coefficients;
  private final CodeSink sink;
  private final int[] predicted;
  private final short[] block = new short[Coefficients.OF_BLOCK];
  private final int[] sizes = new int[Coefficients.OF_BLOCK];
  private final byte[] waiting = new byte[MOST_WAITING];
  private int waits;
  private int endRun;

  ScanWriter(
      JpegFrame frame, CoefficientScan scan, List<Coefficients> coefficients, CodeSink sink) {
    this.frame = frame;
    this.scan = scan;
    this.coefficients = coefficients;
    this.sink = sink;
    predicted = new int[scan.parts().size()];
  }

  void write() throws NotByBlocks {
    scan.blocks(frame, this);
    endBlocks();
  }

  /** Blocks of some units alone, which go on from those before them. */
  void write(int from, int to) throws NotByBlocks {
    if (from > 0) {
      scan.blocks(
          frame,
          from - 1,
          from,
          new CoefficientScan.Visit() {
            @Override
            public void restart(int number) {
              // Nothing is coded of this one.
            }

            @Override
            public void block(int part, int column, int row) {
              coefficients.get(scan.parts().get(part).component()).block(column, row, block);
              predicted[part] = block[0];
            }
          });
    }
    scan.blocks(frame, from, to, this);
  }

  @Override
  public void restart(int number) {
    endBlocks();
    sink.restart(number);
    Arrays.fill(predicted, 0);
  }

  @Override
  public void block(int part, int column, int row) {
    coefficients.get(scan.parts().get(part).component()).block(column, row, block);
    if (!frame.progressive()) {
      first(part, block[0]);
      sequential(scan.parts().get(part).acTable());
    } else if (scan.from() == 0) {
      if (scan.high() == 0) {
        first(part, block[0] >> scan.low());
      } else {
        sink.bits(block[0] >> scan.low(), 1);
      }
    } else if (scan.high() == 0) {
      coarse(scan.parts().get(part).acTable());
    } else {
      finer(scan.parts().get(part).acTable());
    }
  }

  private void first(int part, int value) {
    int difference = value - predicted[part];
    predicted[part] = value;
    int length = length(difference);
    sink.first(scan.parts().get(part).dcTable(), length);
    signed(difference, length);
  }

  private static int length(int number) {
    return Integer.SIZE - Integer.numberOfLeadingZeros(Math.abs(number));
  }

  /** One less for negative ones, so that their first bit is 0. */
  private void signed(int number, int length) {
    if (length > 0) {
      sink.bits(number < 0 ? number - 1 : number, length);
    }
  }

  private void sequential(int table) {
    int run = 0;
    for (int at = 1; at < Coefficients.OF_BLOCK; at++) {
      if (block[at] == 0) {
        run++;
        continue;
      }
      for (; run > CLEAR_RUN; run -= CLEAR_RUN + 1) {
        sink.other(table, CLEAR_RUN << 4);
      }
      value(table, run, block[at]);
      run = 0;
    }
    if (run > 0) {
      sink.other(table, 0);
    }
  }

  private void value(int table, int run, int value) {
    int length = length(value);
    sink.other(table, run << 4 | length);
    signed(value, length);
  }

  private void coarse(int table) {
    int run = 0;
    for (int at = scan.from(); at <= scan.to(); at++) {
      int size = Math.abs(block[at]) >> scan.low();
      if (size == 0) {
        run++;
        continue;
      }
      endBlocks();
      for (; run > CLEAR_RUN; run -= CLEAR_RUN + 1) {
        sink.other(table, CLEAR_RUN << 4);
      }
      value(table, run, block[at] < 0 ? -size : size);
      run = 0;
    }
    if (run > 0 && ++endRun == MOST_ENDED) {
      endBlocks();
    }
  }

  /** What is there tells its next bit after the code of the one that is new (G.1.2.3). */
  private void finer(int table) {
    int lastNew = 0;
    for (int at = scan.from(); at <= scan.to(); at++) {
      sizes[at] = Math.abs(block[at]) >> scan.low();
      if (sizes[at] == 1) {
        lastNew = at;
      }
    }
    int run = 0;
    int own = 0;
    for (int at = scan.from(); at <= scan.to(); at++) {
      if (sizes[at] == 0) {
        run++;
        continue;
      }
      for (; run > CLEAR_RUN && at <= lastNew; run -= CLEAR_RUN + 1) {
        endBlocks(own);
        sink.other(table, CLEAR_RUN << 4);
        own = told(own);
      }
      if (sizes[at] > 1) {
        waiting[waits++] = (byte) (sizes[at] & 1);
        own++;
        continue;
      }
      endBlocks(own);
      sink.other(table, run << 4 | 1);
      sink.bits(block[at] < 0 ? 0 : 1, 1);
      own = told(own);
      run = 0;
    }
    if (run > 0 || own > 0) {
      endRun++;
      if (endRun == MOST_ENDED || waits > MOST_WAITING - Coefficients.OF_BLOCK) {
        endBlocks();
      }
    }
  }

  /** Tells the waiting bits of this block, which are the only ones left. */
  private int told(int own) {
    for (int i = 0; i < own; i++) {
      sink.bits(waiting[i], 1);
    }
    waits = 0;
    return 0;
  }

  private void endBlocks() {
    endBlocks(0);
  }

  /**
   * Codes that blocks before this one ended, with their waiting bits.
   *
   * @param own how many of the waiting bits are of this block and go on waiting
   */
  private void endBlocks(int own) {
    if (endRun == 0) {
      return;
    }
    int length = length(endRun) - 1;
    int table = scan.parts().getFirst().acTable();
    sink.other(table, length << 4);
    if (length > 0) {
      sink.bits(endRun, length);
    }
    endRun = 0;
    int others = waits - own;
    for (int i = 0; i < others; i++) {
      sink.bits(waiting[i], 1);
    }
    System.arraycopy(waiting, others, waiting, 0, own);
    waits = own;
  }
}
