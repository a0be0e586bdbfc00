package app.diaphan.core.memory;

import java.util.concurrent.Semaphore;
import java.util.function.Supplier;

/**
 * Lets work begin only when the memory that it needs is not promised to other work. Those who wait
 * get their turn in the order in which they came. Who holds permits must not ask for more of them.
 */
public final class Permits {
  private static final long UNIT = 64 << 10;

  private final int all;
  private final Semaphore free;
  private final Runnable letGo;

  /**
   * For work that has nothing to let go of.
   *
   * @param bytes that may be promised at once
   */
  public Permits(long bytes) {
    this(bytes, () -> {});
  }

  /**
   * @param bytes that may be promised at once
   * @param letGo lets go of all that can be made again
   */
  public Permits(long bytes, Runnable letGo) {
    this.letGo = letGo;
    all = (int) Math.clamp(bytes / UNIT, 1, Integer.MAX_VALUE);
    free = new Semaphore(all, true);
  }

  /** What was promised, until it is given back. */
  @FunctionalInterface
  public interface Permit extends AutoCloseable {
    @Override
    void close();
  }

  /**
   * Waits for its turn.
   *
   * @param bytes that the work needs; if it is more than there is, it gets all and goes alone
   */
  public Permit take(long bytes) {
    int wanted = (int) Math.clamp(bytes / UNIT + 1, 1, all);
    free.acquireUninterruptibly(wanted);
    return () -> free.release(wanted);
  }

  /**
   * Does work that needs so many bytes, or more than anybody knew: if it finds no memory left, all
   * that can be made again is let go of, and it is done once more with nothing beside it.
   *
   * @throws OutOfMemoryError if there is not enough for it even then
   */
  public <T> T with(long bytes, Supplier<T> work) {
    try (Permit permit = take(bytes)) {
      return work.get();
    } catch (OutOfMemoryError full) {
      letGo.run();
    }
    try (Permit everything = take(UNIT * all)) {
      return work.get();
    }
  }

  /** Bytes that are not promised to anybody. */
  public long free() {
    return UNIT * free.availablePermits();
  }
}
