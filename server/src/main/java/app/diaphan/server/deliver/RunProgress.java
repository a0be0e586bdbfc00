package app.diaphan.server.deliver;

import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/** How far a run is, and whether it was called off. */
final class RunProgress {
  private volatile boolean calledOff;

  /** Overlays at targets that are finished. */
  private int finished;

  /** Shares of the files under way that are written, 0–1. */
  private final SortedMap<String, Double> underWay = new TreeMap<>();

  /** Files whose turn to have memory has not come. */
  private final SortedSet<String> waiting = new TreeSet<>();

  /** Why what was written cannot be noted down yet; empty while nothing waits for it. */
  private String unsaved = "";

  /** Thrown into the writing of a file to end it. */
  static final class CalledOff extends RuntimeException {
    private static final long serialVersionUID = 1L;

    CalledOff() {
      super("The delivery was called off.");
    }
  }

  void callOff() {
    calledOff = true;
  }

  boolean wasCalledOff() {
    return calledOff;
  }

  /** Its memory may be promised to other work for a while. */
  synchronized void waits(String file) {
    waiting.add(file);
  }

  synchronized void begin(String file) {
    waiting.remove(file);
    underWay.put(file, 0.0);
  }

  /**
   * @throws CalledOff once the run was called off
   */
  synchronized void lines(String file, long done, long all) {
    if (calledOff) {
      throw new CalledOff();
    }
    underWay.put(file, (double) done / all);
  }

  /** The history cannot be written; the run goes on once it can. */
  synchronized void cannotSave(String why) {
    unsaved = why;
  }

  synchronized void saved() {
    unsaved = "";
  }

  synchronized void finish(String file) {
    finished++;
    waiting.remove(file);
    underWay.remove(file);
  }

  synchronized DeliveryService.HowFar howFar() {
    double share = underWay.values().stream().mapToDouble(one -> one).sum();
    return new DeliveryService.HowFar(finished, share, doing());
  }

  private String doing() {
    if (!unsaved.isEmpty()) {
      return calledOff
          ? "called off; it ends as soon as that can be noted down. " + unsaved
          : "waiting until it can be noted down. " + unsaved;
    }
    if (!underWay.isEmpty()) {
      return "writing " + String.join(" and ", underWay.keySet());
    }
    return waiting.isEmpty() ? "" : "waiting for memory that other work has";
  }
}
