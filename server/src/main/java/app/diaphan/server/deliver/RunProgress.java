package app.diaphan.server.deliver;

import java.util.concurrent.atomic.AtomicBoolean;

/** How far a run is, and whether it was called off. */
final class RunProgress {
  private final AtomicBoolean calledOff = new AtomicBoolean();
  private volatile int finished;
  private volatile double share;
  private volatile String file = "";

  /** Thrown into the writing of a file to end it. */
  static final class CalledOff extends RuntimeException {
    private static final long serialVersionUID = 1L;

    CalledOff() {
      super("The delivery was called off.");
    }
  }

  void callOff() {
    calledOff.set(true);
  }

  boolean wasCalledOff() {
    return calledOff.get();
  }

  void begin(String fileName) {
    file = fileName;
    share = 0;
  }

  /**
   * @throws CalledOff once the run was called off
   */
  void lines(long done, long all) {
    if (calledOff.get()) {
      throw new CalledOff();
    }
    share = (double) done / all;
  }

  void finishOne() {
    finished++;
    share = 0;
  }

  /** Overlays at targets that are finished. */
  int finished() {
    return finished;
  }

  /** Share of the lines of the present file that are written, 0–1. */
  double share() {
    return share;
  }

  String file() {
    return file;
  }
}
