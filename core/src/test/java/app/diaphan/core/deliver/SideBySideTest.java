package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SideBySideTest {
  @Test
  void twoAreWorkedOnAtATimeAndToldInOrder() {
    CountDownLatch both = new CountDownLatch(2);
    List<String> told = new ArrayList<>();
    SideBySide.over(
        List.of("slow", "quick", "third"),
        job -> false,
        job -> {
          both.countDown();
          assertTrue(waited(both), "the other one has begun too");
          if (job.equals("slow")) {
            pause(50);
          }
          return job;
        },
        told::add);
    assertEquals(List.of("slow", "quick", "third"), told);
  }

  @Test
  void aLargeOneGoesAlone() {
    AtomicInteger underWay = new AtomicInteger();
    AtomicInteger besideLarge = new AtomicInteger();
    List<Integer> told = new ArrayList<>();
    SideBySide.over(
        List.of(1, 2, 3, 4, 5),
        job -> job == 3,
        job -> {
          int now = underWay.incrementAndGet();
          pause(20);
          if (job == 3) {
            besideLarge.set(Math.max(now, underWay.get()));
          }
          underWay.decrementAndGet();
          return job;
        },
        told::add);
    assertEquals(1, besideLarge.get());
    assertEquals(List.of(1, 2, 3, 4, 5), told);
  }

  @Test
  void whatTheWorkThrowsReachesTheCallerOnceNothingIsWorkedOn() {
    AtomicInteger ended = new AtomicInteger();
    CountDownLatch begun = new CountDownLatch(1);
    DeliveryFailed failed =
        assertThrows(
            DeliveryFailed.class,
            () ->
                SideBySide.over(
                    List.of("bad", "good"),
                    job -> false,
                    job -> {
                      if (job.equals("bad")) {
                        waited(begun); // What has not begun by then would be left.
                        throw new DeliveryFailed("broken on purpose");
                      }
                      begun.countDown();
                      pause(50);
                      return ended.incrementAndGet();
                    },
                    done -> {}));
    assertEquals("broken on purpose", failed.getMessage());
    assertEquals(1, ended.get());
  }

  @Test
  void whatHasNotBegunWhenOneFailsIsLeft() {
    AtomicInteger begun = new AtomicInteger();
    List<Integer> jobs = IntStream.range(0, 100).boxed().toList();
    assertThrows(
        DeliveryFailed.class,
        () ->
            SideBySide.over(
                jobs,
                job -> false,
                job -> {
                  begun.incrementAndGet();
                  pause(20);
                  throw new DeliveryFailed("broken on purpose");
                },
                done -> {}));
    assertTrue(begun.get() < 20, begun + " have begun");
  }

  private static boolean waited(CountDownLatch latch) {
    try {
      return latch.await(5, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void pause(long milliseconds) {
    try {
      Thread.sleep(milliseconds);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
