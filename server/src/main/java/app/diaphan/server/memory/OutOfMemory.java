package app.diaphan.server.memory;

import app.diaphan.core.Sentence;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * What is done when the heap is full: all that can be made again is let go of. If that does not
 * help, the process ends and says so, since one that cannot go on answers nobody.
 */
@Component
public class OutOfMemory {
  /** The exit code by which the launcher knows that it may start the program again. */
  public static final int EXIT = 3;

  private static final Logger LOG = LoggerFactory.getLogger(OutOfMemory.class);
  private static final double TOO_FULL = 0.9;

  private final MemoryBudget budget;

  OutOfMemory(MemoryBudget budget) {
    this.budget = budget;
    Thread.setDefaultUncaughtExceptionHandler(
        (thread, e) -> {
          LOG.error("The thread {} ended in an unexpected way", thread.getName(), e);
          if (e instanceof OutOfMemoryError) {
            met();
          }
        });
  }

  /** Makes room, or ends the process. */
  public void met() {
    budget.clear();
    System.gc(); // Only what is in use now tells whether it helped.
    Runtime runtime = Runtime.getRuntime();
    long used = runtime.totalMemory() - runtime.freeMemory();
    if (used > TOO_FULL * runtime.maxMemory()) {
      System.err.println(
          Sentence.of(
              "Diaphan has no memory left to go on with (%d of %d MiB are in use) and ends. What was saved is safe.",
              used >> 20, runtime.maxMemory() >> 20));
      Runtime.getRuntime().halt(EXIT);
    }
  }
}
