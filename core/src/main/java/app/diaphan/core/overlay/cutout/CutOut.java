package app.diaphan.core.overlay.cutout;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import java.util.List;

/** How a picture is given an alpha. The picture itself stays as it is. */
public sealed interface CutOut {
  CutOut NONE = new Uncut();

  /** The same for the picture at a size so many times as large; less than 1 for a smaller one. */
  default CutOut scaled(double by) {
    return switch (this) {
      case Uncut same -> same;
      case ByColour(
              GroundColour ground,
              double tolerance,
              double softness,
              GroundReach reach,
              SoftParts softParts,
              CutEdge edge) ->
          new ByColour(
              ground,
              tolerance,
              Math.clamp(softness * by, 1, ByColour.MOST_SOFTNESS),
              reach,
              softParts,
              edge.scaled(by));
      case ByBrightness(GroundColour ground, double low, double high, double curve, CutEdge edge) ->
          new ByBrightness(ground, low, high, curve, edge.scaled(by));
      case ByMarks(List<Stroke> strokes, double softness, CutEdge edge) ->
          new ByMarks(
              strokes.stream().map(stroke -> stroke.scaled(by)).toList(),
              Math.clamp(softness * by, 1, ByMarks.MOST_SOFTNESS),
              edge.scaled(by));
    };
  }

  /** As it came. */
  record Uncut() implements CutOut {}

  /**
   * The ground's colour taken out: each pixel by its edge is un-mixed into ground and what lies
   * before it.
   *
   * @param tolerance how far from the ground's colour a pixel still counts as ground, as a share of
   *     the way from black to white, 0–1
   * @param softness how wide an edge is at most, in pixels of the picture, 1–{@value
   *     #MOST_SOFTNESS}
   * @param softParts what becomes of shadows and glows on the ground
   */
  record ByColour(
      GroundColour ground,
      double tolerance,
      double softness,
      GroundReach reach,
      SoftParts softParts,
      CutEdge edge)
      implements CutOut {
    public static final double MOST_SOFTNESS = 16;

    public ByColour {
      Require.present(ground, "The ground to cut out");
      Require.between(0, 1, tolerance, "The tolerance of the cut-out");
      Require.between(1, MOST_SOFTNESS, softness, "The softness of the cut-out");
      Require.present(reach, "Where the ground is cut out");
      Require.present(softParts, "What becomes of shadows and glows");
      Require.present(edge, "The edge of the cut-out");
    }

    public ByColour withSoftParts(SoftParts other) {
      return new ByColour(ground, tolerance, softness, reach, other, edge);
    }
  }

  /**
   * The farther from the brightness and colour of the ground, the more solid.
   *
   * @param low distance from the ground up to which all is clear, 0–1
   * @param high distance from which on all is solid, more than {@code low}, to 1
   * @param curve the power that the share between them is raised to; 1 is straight
   */
  record ByBrightness(GroundColour ground, double low, double high, double curve, CutEdge edge)
      implements CutOut {
    public ByBrightness {
      Require.present(ground, "The ground to cut out");
      Require.between(0, 0.99, low, "The low point of the cut-out");
      Require.between(low + 0.005, 1, high, "The high point of the cut-out");
      Require.between(0.1, 10, curve, "The curve of the cut-out");
      Require.present(edge, "The edge of the cut-out");
    }
  }

  /**
   * What strokes of the hand say is kept and what dropped; the rest goes with the strokes that it
   * is nearest to in place and colour.
   *
   * @param softness how wide an edge is at most, in pixels of the picture, 1–{@value
   *     #MOST_SOFTNESS}
   */
  record ByMarks(List<Stroke> strokes, double softness, CutEdge edge) implements CutOut {
    public static final double MOST_SOFTNESS = 32;
    public static final int MOST_STROKES = 1000;

    public ByMarks {
      Require.present(strokes, "The strokes of the cut-out");
      if (strokes.size() > MOST_STROKES) {
        throw new InvalidInput(
            Sentence.of(
                "A cut-out has at most %d strokes; begin it anew with fewer.", MOST_STROKES));
      }
      Require.between(1, MOST_SOFTNESS, softness, "The softness of the cut-out");
      Require.present(edge, "The edge of the cut-out");
      strokes = List.copyOf(strokes);
    }
  }

  /** Which colour the ground has. */
  sealed interface GroundColour {
    /** As the border of the picture tells, even if it changes evenly across it. */
    record OfBorder() implements GroundColour {}

    record OfColour(Colour colour) implements GroundColour {
      public OfColour {
        Require.present(colour, "The ground's colour");
      }
    }
  }

  enum GroundReach {
    /** Only ground that hangs together with the border: the inside of an O stays. */
    FROM_BORDER,
    EVERYWHERE
  }

  /** What becomes of shadows and glows that lie on the ground. */
  enum SoftParts {
    /** What differs from the ground is taken as what is drawn, as solid as that. */
    SOLID,
    /** They are thin; what is drawn lies over them. */
    THIN
  }
}
