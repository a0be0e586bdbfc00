package app.diaphan.core.overlay;

import app.diaphan.core.Require;

/** What is done to a piece's edge, live. */
public sealed interface Finish {
  /** Switched off, a finish keeps its values and draws nothing. */
  boolean on();

  Colour colour();

  /** 0–1, on top of the colour's own alpha. */
  double opacity();

  /**
   * The piece's shape cast on what lies behind it.
   *
   * @param angle direction in which it falls, in degrees clockwise from rightwards
   * @param distance how far it falls, in display units
   * @param reach how far its edge fades outwards, in display units; 0 is a hard edge
   * @param firmness share of the reach that stays solid, 0–1
   */
  record Shadow(
      boolean on,
      double angle,
      double distance,
      double reach,
      double firmness,
      Colour colour,
      double opacity,
      UnderFace underFace)
      implements Finish {
    public Shadow {
      Require.between(-3600, 3600, angle, "The shadow's angle");
      Require.between(0, MOST_REACH, distance, "The shadow's distance");
      Require.between(0, MOST_REACH, reach, "The shadow's reach");
      Require.between(0, 1, firmness, "The shadow's firmness");
      Require.present(colour, "The shadow's colour");
      Require.between(0, 1, opacity, "The shadow's opacity");
      underFace = underFace == null ? UnderFace.AUTOMATIC : underFace;
    }
  }

  /**
   * A line along the edge.
   *
   * @param width in display units
   */
  record Outline(
      boolean on, double width, Side side, Colour colour, double opacity, UnderFace underFace)
      implements Finish {
    public Outline {
      Require.between(0, MOST_REACH, width, "The outline's width");
      Require.present(side, "The outline's side");
      Require.present(colour, "The outline's colour");
      Require.between(0, 1, opacity, "The outline's opacity");
      underFace = underFace == null ? UnderFace.AUTOMATIC : underFace;
    }
  }

  /** The longest reach of any finish, in display units. */
  double MOST_REACH = 2000;

  /** On which side of the edge an outline lies. */
  enum Side {
    OUTSIDE,
    CENTRED,
    INSIDE
  }

  /** Whether a finish that lies behind the face is seen through a thinned face. */
  enum UnderFace {
    /** Held out as soon as the face is less than solid. */
    AUTOMATIC,
    HELD_OUT,
    SHOWING
  }
}
