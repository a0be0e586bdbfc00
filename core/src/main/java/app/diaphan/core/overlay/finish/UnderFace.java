package app.diaphan.core.overlay.finish;

/** Whether a finish that lies behind the face is seen through a thinned face. */
public enum UnderFace {
  /** Held out as soon as the face is less than solid. */
  AUTOMATIC,
  HELD_OUT,
  SHOWING;

  public boolean holdsOut(double faceOpacity) {
    return this == HELD_OUT || this == AUTOMATIC && faceOpacity < 1;
  }
}
