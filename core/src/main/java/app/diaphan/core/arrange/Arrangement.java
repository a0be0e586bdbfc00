package app.diaphan.core.arrange;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import java.util.List;

/** One thing done to the chosen pieces. Points and distances are display units of the frame. */
public sealed interface Arrangement {
  /** What gives pieces other places, sizes or turns and nothing else. */
  sealed interface OfPlaces extends Arrangement {}

  record Moved(double right, double down) implements OfPlaces {
    public Moved {
      distance(right, "The way to the right");
      distance(down, "The way down");
    }
  }

  /**
   * Given an offset and a turn in the units of what holds it; pieces beside it in a group stay.
   *
   * @param turn in degrees, clockwise
   */
  record Offset(double right, double down, double turn) implements Arrangement {
    public Offset {
      distance(right, "The offset to the right");
      distance(down, "The offset downwards");
      Require.between(-3600, 3600, turn, "The turn in degrees");
    }
  }

  /**
   * Made larger or smaller along each piece's own directions, as if drawn from a point that stays.
   *
   * @param across factor of the width, more than 0
   * @param down factor of the height
   */
  record Sized(double across, double down, double x, double y) implements OfPlaces {
    public Sized {
      Require.between(0.001, 1000, across, "The factor of the width");
      Require.between(0.001, 1000, down, "The factor of the height");
      distance(x, "The point that stays");
      distance(y, "The point that stays");
    }
  }

  /**
   * Turned about a point.
   *
   * @param degrees clockwise
   */
  record Turned(double degrees, double x, double y) implements OfPlaces {
    public Turned {
      Require.between(-3600, 3600, degrees, "The turn in degrees");
      distance(x, "The point that stays");
      distance(y, "The point that stays");
    }
  }

  /** Mirrored about the middle of all chosen pieces. */
  record Mirrored(Direction direction) implements OfPlaces {
    public Mirrored {
      Require.present(direction, "The direction to mirror in");
    }
  }

  record Aligned(Edge edge, Against against) implements OfPlaces {
    public Aligned {
      Require.present(edge, "The edge to align");
      Require.present(against, "What to align against");
    }
  }

  /** Moved so that the gaps between neighbours are alike. */
  record Spaced(Direction direction, Against against) implements OfPlaces {
    public Spaced {
      Require.present(direction, "The direction to space in");
      Require.present(against, "What to space within");
    }
  }

  /** Made as wide, as high or both as the piece that was chosen first. */
  record SameSize(boolean width, boolean height) implements OfPlaces {}

  /** Codes to scan, sized and moved so that each of their modules is made of whole pixels. */
  record WholePixels() implements OfPlaces {}

  record Ordered(Step step) implements Arrangement {
    public Ordered {
      Require.present(step, "The step in the stack");
    }
  }

  /**
   * Put beside another piece of the stack, into its group or out of one, without moving.
   *
   * @param other id of the piece beside or in which the chosen ones shall lie
   */
  record Restacked(String other, Spot spot) implements Arrangement {
    public Restacked {
      Require.present(other, "The piece to lie beside");
      Require.present(spot, "The spot in the stack");
    }
  }

  record Grouped(String name) implements Arrangement {
    public Grouped {
      Require.present(name, "The name of the group");
    }
  }

  record Ungrouped() implements Arrangement {}

  /** Copies that follow their original no longer. */
  record LetGo() implements Arrangement {}

  /** Copies without what they have of their own, where they lie. */
  record LikeOriginal() implements Arrangement {}

  /** Hung from something else, without moving. */
  record Rehung(Hook hook, PinPoint point, PinPoint own) implements Arrangement {
    public Rehung {
      Require.present(hook, "What to hang from");
      Require.present(point, "The pin's point");
      Require.present(own, "The piece's own point");
    }
  }

  /** Vector pictures taken apart into a group of plates, each of one shape, without moving. */
  record Split() implements Arrangement {}

  /** Pictures cropped to what they show, without moving. */
  record Trimmed() implements Arrangement {}

  record Removed() implements Arrangement {}

  /** Copied, each copy in front of its original and moved by a distance. */
  record Duplicated(double right, double down) implements Arrangement {
    public Duplicated {
      distance(right, "The way to the right");
      distance(down, "The way down");
    }
  }

  /**
   * Pieces from elsewhere put in front of all.
   *
   * @param lines of the frame they were made for, by its shorter side; lengths follow it
   */
  record Pasted(List<Piece> pieces, double lines, double right, double down)
      implements Arrangement {
    public Pasted {
      Require.present(pieces, "The pieces to paste");
      Require.between(1, 100_000, lines, "The short side of the frame the pieces come from");
      distance(right, "The way to the right");
      distance(down, "The way down");
      pieces = List.copyOf(pieces);
    }
  }

  /** An edge or the middle of a box. */
  enum Edge {
    LEFT(Direction.ACROSS, 0),
    CENTRE(Direction.ACROSS, 0.5),
    RIGHT(Direction.ACROSS, 1),
    TOP(Direction.DOWN, 0),
    MIDDLE(Direction.DOWN, 0.5),
    BOTTOM(Direction.DOWN, 1);

    private final Direction direction;
    private final double share;

    Edge(Direction direction, double share) {
      this.direction = direction;
      this.share = share;
    }

    Direction direction() {
      return direction;
    }

    /** Share of the box that lies before the edge. */
    double share() {
      return share;
    }
  }

  enum Direction {
    ACROSS,
    DOWN
  }

  /** What pieces are aligned against or spaced within. */
  enum Against {
    FRAME,
    ACTION_SAFE,
    TITLE_SAFE,
    OWN_MARGIN,
    /** The box around all chosen pieces. */
    CHOSEN
  }

  enum Spot {
    IN_FRONT,
    BEHIND,
    /** In front of all pieces of a group. */
    INSIDE
  }

  enum Step {
    FORWARD,
    BACK,
    TO_FRONT,
    TO_BACK
  }

  private static void distance(double value, String what) {
    Require.between(-100_000, 100_000, value, what);
  }
}
