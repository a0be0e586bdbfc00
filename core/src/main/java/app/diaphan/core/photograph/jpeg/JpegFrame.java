package app.diaphan.core.photograph.jpeg;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a JPEG file's frame header tells (ITU-T T.81, B.2.2).
 *
 * @param width in pixels
 * @param progressive whether its blocks come in several scans, coarse to fine
 * @param components each a grid of blocks
 */
public record JpegFrame(int width, int height, boolean progressive, List<Component> components) {
  /** Samples of a block each way. */
  public static final int BLOCK = 8;

  private static final int MOST_SAMPLING = 4;

  /**
   * One of the frame's colours.
   *
   * @param across samples of it for each of the finest colour's, as a share: 1–4
   * @param quantization which table its coefficients are multiplied with
   * @param columns of blocks that hold pixels of the picture
   * @param allColumns with those that fill the last unit up, which are coded as well
   */
  public record Component(
      int id,
      int across,
      int down,
      int quantization,
      int columns,
      int rows,
      int allColumns,
      int allRows) {
    long blocks() {
      return (long) allColumns * allRows;
    }
  }

  public JpegFrame {
    components = List.copyOf(components);
  }

  static JpegFrame of(Segment header) throws NotByBlocks {
    if (header.at(0) != 8) {
      throw new NotByBlocks("it has " + header.at(0) + " bits a channel");
    }
    int height = header.shortAt(1);
    int width = header.shortAt(3);
    int count = header.at(5);
    if (width == 0 || height == 0 || count == 0 || count > MOST_SAMPLING) {
      throw new NotByBlocks(
          height == 0 ? "its header does not tell its height" : "its header is damaged");
    }
    int mostAcross = 1;
    int mostDown = 1;
    for (int i = 0; i < count; i++) {
      int across = header.at(7 + 3 * i) >> 4;
      int down = header.at(7 + 3 * i) & 15;
      if (across < 1 || across > MOST_SAMPLING || down < 1 || down > MOST_SAMPLING) {
        throw new NotByBlocks("its header is damaged");
      }
      mostAcross = Math.max(mostAcross, across);
      mostDown = Math.max(mostDown, down);
    }
    int unitsAcross = rounded(width, BLOCK * mostAcross);
    int unitsDown = rounded(height, BLOCK * mostDown);
    List<Component> components = new ArrayList<>();
    Set<Integer> ids = new HashSet<>();
    for (int i = 0; i < count; i++) {
      int across = header.at(7 + 3 * i) >> 4;
      int down = header.at(7 + 3 * i) & 15;
      if (!ids.add(header.at(6 + 3 * i))) {
        throw new NotByBlocks("its header is damaged");
      }
      components.add(
          new Component(
              header.at(6 + 3 * i),
              across,
              down,
              header.at(8 + 3 * i),
              rounded(rounded(width * across, mostAcross), BLOCK),
              rounded(rounded(height * down, mostDown), BLOCK),
              unitsAcross * across,
              unitsDown * down));
    }
    return new JpegFrame(width, height, header.marker() == Segment.PROGRESSIVE, components);
  }

  private static int rounded(int number, int by) {
    return (number + by - 1) / by;
  }

  /** Samples of the finest colour across for one of a colour that has one. */
  public int mostAcross() {
    return components.stream().mapToInt(Component::across).max().orElse(1);
  }

  public int mostDown() {
    return components.stream().mapToInt(Component::down).max().orElse(1);
  }
}
