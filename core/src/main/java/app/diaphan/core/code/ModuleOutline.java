package app.diaphan.core.code;

import java.awt.geom.Path2D;

/**
 * Walks round the dark modules of a code, with these on the right hand: outer edges clockwise,
 * holes the other way. Where dark modules touch by a corner only, the walk turns right, so each
 * keeps an outline of its own.
 */
final class ModuleOutline {
  /** A step along the side of a module, in the order of turning right. */
  private enum Way {
    RIGHT(1, 0),
    DOWN(0, 1),
    LEFT(-1, 0),
    UP(0, -1);

    private final int across;
    private final int down;

    Way(int across, int down) {
      this.across = across;
      this.down = down;
    }

    Way turnedRight() {
      return values()[(ordinal() + 1) % 4];
    }

    Way turnedLeft() {
      return values()[(ordinal() + 3) % 4];
    }
  }

  private final Modules modules;

  /** Steps that some walk has taken, by their way and the row and column of where they begin. */
  private final boolean[][][] walked;

  private final Path2D outline = new Path2D.Double(Path2D.WIND_NON_ZERO);

  private ModuleOutline(Modules modules) {
    this.modules = modules;
    int corners = modules.side() + 1;
    walked = new boolean[Way.values().length][corners][corners];
  }

  static Path2D of(Modules modules) {
    ModuleOutline outline = new ModuleOutline(modules);
    for (int row = 0; row < modules.side(); row++) {
      for (int column = 0; column < modules.side(); column++) {
        if (outline.edge(column, row, Way.RIGHT)
            && !outline.walked[Way.RIGHT.ordinal()][row][column]) {
          outline.walk(column, row);
        }
      }
    }
    return outline.outline;
  }

  /**
   * Round one outline, from the left end of a top side, which every outline has, to the first step
   * taken before: there it closes.
   */
  private void walk(int column, int row) {
    int x = column;
    int y = row;
    Way way = Way.RIGHT;
    outline.moveTo(x, y);
    while (!walked[way.ordinal()][y][x]) {
      walked[way.ordinal()][y][x] = true;
      x += way.across;
      y += way.down;
      Way next = next(x, y, way);
      if (next != way) {
        outline.lineTo(x, y);
      }
      way = next;
    }
    outline.closePath();
  }

  private Way next(int x, int y, Way way) {
    if (edge(x, y, way.turnedRight())) {
      return way.turnedRight();
    }
    return edge(x, y, way) ? way : way.turnedLeft();
  }

  /** Whether a step from this corner has a dark module on its right and a light one on its left. */
  private boolean edge(int x, int y, Way way) {
    return switch (way) {
      case RIGHT -> modules.dark(x, y) && !modules.dark(x, y - 1);
      case DOWN -> modules.dark(x - 1, y) && !modules.dark(x, y);
      case LEFT -> modules.dark(x - 1, y - 1) && !modules.dark(x - 1, y);
      case UP -> modules.dark(x, y - 1) && !modules.dark(x - 1, y - 1);
    };
  }
}
