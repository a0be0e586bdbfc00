package app.diaphan.core.deliver;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Works on deliveries two at a time: parts of drawing and packing have work for one core only, and
 * two of them fill two. What needs the memory of both goes alone.
 */
public final class SideBySide {
  private static final int AT_ONCE = 2;

  private SideBySide() {}

  /** Takes what became of the deliveries. */
  @FunctionalInterface
  public interface Ended<R> {
    void take(R result);
  }

  /**
   * @param alone whether nothing else may be worked on beside this one
   * @param work done on several threads
   * @param ended told of the results in the order of the jobs, on the caller's thread
   * @throws RuntimeException the first that the work threw, once nothing is being worked on; what
   *     had not begun by then is left
   */
  public static <J, R> void over(
      List<J> jobs, Predicate<J> alone, Function<J, R> work, Ended<R> ended) {
    Deque<Future<R>> underWay = new ArrayDeque<>();
    try (ExecutorService workers =
        Executors.newFixedThreadPool(
            AT_ONCE, job -> Thread.ofPlatform().name("delivering").daemon().unstarted(job))) {
      try {
        for (J job : jobs) {
          if (alone.test(job)) {
            takeAll(underWay, ended);
            ended.take(work.apply(job));
          } else {
            underWay.add(workers.submit(() -> work.apply(job)));
          }
        }
        takeAll(underWay, ended);
      } finally {
        // After a failure what has not begun is not begun any more; what has, comes to its end.
        underWay.forEach(waiting -> waiting.cancel(false));
      }
    }
  }

  private static <R> void takeAll(Deque<Future<R>> underWay, Ended<R> ended) {
    while (!underWay.isEmpty()) {
      ended.take(result(underWay.remove()));
    }
  }

  private static <R> R result(Future<R> future) {
    try {
      return future.get();
    } catch (ExecutionException e) {
      switch (e.getCause()) {
        case RuntimeException broken -> throw broken;
        case Error broken -> throw broken;
        default -> throw new IllegalStateException(e.getCause());
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new DeliveryFailed("The delivery was called off.", e);
    }
  }
}
