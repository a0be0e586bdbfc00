package app.diaphan.core.photograph.jpeg;

import java.util.ArrayList;
import java.util.List;

/**
 * A pass over the blocks of one colour or of several (ITU-T T.81, B.2.3).
 *
 * @param from the first coefficient it codes, in zigzag order
 * @param to the last one
 * @param high how many low bits the pass before it left out; 0 if it is the first
 * @param low how many it leaves out itself
 * @param restartInterval units after which codes begin anew; 0 for never
 */
record CoefficientScan(List<Part> parts, int from, int to, int high, int low, int restartInterval) {
  private static final int MOST_LOW = 13;

  /**
   * A colour of the scan.
   *
   * @param component its place in the frame
   * @param dcTable which table codes first coefficients
   * @param acTable which table codes all others
   */
  record Part(int component, int dcTable, int acTable) {}

  CoefficientScan {
    parts = List.copyOf(parts);
  }

  static CoefficientScan of(Segment header, JpegFrame frame, int restartInterval)
      throws NotByBlocks {
    int count = header.at(0);
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int id = header.at(1 + 2 * i);
      int tables = header.at(2 + 2 * i);
      parts.add(new Part(component(frame, id), tables >> 4 & 3, tables & 3));
    }
    int from = header.at(1 + 2 * count);
    int to = header.at(2 + 2 * count);
    int high = header.at(3 + 2 * count) >> 4;
    int low = header.at(3 + 2 * count) & 15;
    if (!frame.progressive()) {
      from = 0; // Some write other numbers, which mean nothing here.
      to = Coefficients.OF_BLOCK - 1;
      high = 0;
      low = 0;
    }
    boolean sound =
        count > 0
            && from <= to
            && to < Coefficients.OF_BLOCK
            && low <= MOST_LOW
            && (high == 0 || high == low + 1)
            && (from == 0 ? !frame.progressive() || to == 0 : count == 1);
    if (!sound) {
      throw new NotByBlocks("the order of its scans is damaged");
    }
    return new CoefficientScan(parts, from, to, high, low, restartInterval);
  }

  private static int component(JpegFrame frame, int id) throws NotByBlocks {
    for (int i = 0; i < frame.components().size(); i++) {
      if (frame.components().get(i).id() == id) {
        return i;
      }
    }
    throw new NotByBlocks("the order of its scans is damaged");
  }

  byte[] header(JpegFrame frame) {
    byte[] data = new byte[4 + 2 * parts.size()];
    data[0] = (byte) parts.size();
    for (int i = 0; i < parts.size(); i++) {
      Part part = parts.get(i);
      data[1 + 2 * i] = (byte) frame.components().get(part.component()).id();
      data[2 + 2 * i] = (byte) (part.dcTable() << 4 | part.acTable());
    }
    data[1 + 2 * parts.size()] = (byte) from;
    data[2 + 2 * parts.size()] = (byte) to;
    data[3 + 2 * parts.size()] = (byte) (high << 4 | low);
    return data;
  }

  /** Goes over blocks. */
  interface Visit {
    /** Before each unit but the first, at which codes begin anew. */
    void restart(int number) throws NotByBlocks;

    /**
     * @param part which of the scan's
     */
    void block(int part, int column, int row) throws NotByBlocks;
  }

  /** How many units lie beside each other. */
  int unitsAcross(JpegFrame frame) {
    JpegFrame.Component first = frame.components().get(parts.getFirst().component());
    return parts.size() == 1 ? first.columns() : first.allColumns() / first.across();
  }

  int unitsDown(JpegFrame frame) {
    JpegFrame.Component first = frame.components().get(parts.getFirst().component());
    return parts.size() == 1 ? first.rows() : first.allRows() / first.down();
  }

  /** All of them in the order in which they are coded (A.2). */
  void blocks(JpegFrame frame, Visit visit) throws NotByBlocks {
    blocks(frame, 0, unitsAcross(frame) * unitsDown(frame), visit);
  }

  /** Those of the units from one to before another. */
  void blocks(JpegFrame frame, int from, int to, Visit visit) throws NotByBlocks {
    int unitsAcross = unitsAcross(frame);
    boolean alone = parts.size() == 1;
    for (int unit = from; unit < to; unit++) {
      begin(unit, visit);
      for (int part = 0; part < parts.size(); part++) {
        JpegFrame.Component component = frame.components().get(parts.get(part).component());
        int across = alone ? 1 : component.across();
        int down = alone ? 1 : component.down();
        int left = unit % unitsAcross * across;
        int top = unit / unitsAcross * down;
        for (int i = 0; i < across * down; i++) {
          visit.block(part, left + i % across, top + i / across);
        }
      }
    }
  }

  private void begin(int unit, Visit visit) throws NotByBlocks {
    if (restartInterval > 0 && unit > 0 && unit % restartInterval == 0) {
      visit.restart((unit / restartInterval - 1) % 8);
    }
  }
}
