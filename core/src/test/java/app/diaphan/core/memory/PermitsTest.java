package app.diaphan.core.memory;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class PermitsTest {
  private static final long ALL = 1 << 20;

  private final List<String> happened = new ArrayList<>();
  private final Permits permits = new Permits(ALL, () -> happened.add("let go"));

  @Test
  void workThatFindsNoMemoryIsDoneOnceMoreAloneAfterAllElseWasLetGo() {
    String done =
        permits.with(
            1000,
            () -> {
              happened.add("free " + (permits.free() > 0));
              if (happened.size() == 1) {
                throw new OutOfMemoryError("made up");
              }
              return "done";
            });

    assertEquals("done", done);
    assertEquals(List.of("free true", "let go", "free false"), happened);
    assertEquals(ALL, permits.free());
  }

  @Test
  void workThatNeverFitsEndsAndGivesEverythingBack() {
    assertThrows(
        OutOfMemoryError.class,
        () ->
            permits.with(
                1000,
                () -> {
                  throw new OutOfMemoryError("made up");
                }));

    assertEquals(List.of("let go"), happened);
    assertEquals(ALL, permits.free());
  }

  @Test
  void whatNeedsMoreThanIsFreeWaitsForItsTurn() throws InterruptedException {
    CountDownLatch began = new CountDownLatch(1);
    Permits.Permit most = permits.take(ALL * 3 / 4);
    Thread second =
        Thread.ofVirtual()
            .start(
                () -> {
                  try (Permits.Permit half = permits.take(ALL / 2)) {
                    began.countDown();
                  }
                });

    boolean early = began.await(100, TimeUnit.MILLISECONDS);
    most.close();
    second.join();

    assertEquals(false, early);
    assertEquals(0, began.getCount());
  }
}
