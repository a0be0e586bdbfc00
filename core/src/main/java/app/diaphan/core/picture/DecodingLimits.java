package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.memory.NoRoom;
import app.diaphan.core.memory.Permits;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;

/**
 * Lets decoders work for so long and no longer. One that is given up on is interrupted; the streams
 * it reads from and the lists it draws into stop it at its next step.
 *
 * @param seconds for one picture
 * @param permits for the memory of pictures that are decoded side by side
 */
record DecodingLimits(double seconds, Permits permits) {
  static final DecodingLimits STANDARD =
      new DecodingLimits(20, new Permits(Runtime.getRuntime().maxMemory() / 4));

  /** Deeply nested files need a deep stack, or fail in an orderly way for want of it. */
  private static final long STACK_BYTES = 8L << 20;

  /**
   * @param bytes that the decoder will need
   * @throws InvalidInput if it takes too long or is damaged
   * @throws NoRoom if there is not enough memory
   */
  <T> T run(String name, long bytes, Supplier<T> decoding) {
    Permits.Permit permit = permits.take(bytes);
    FutureTask<T> task = new FutureTask<>(decoding::get);
    Runnable work =
        () -> {
          // Given back when the decoder has really ended, not when it was given up on.
          try (permit) {
            task.run();
          }
        };
    Thread thread = new Thread(null, work, "decoding " + name, STACK_BYTES);
    thread.setDaemon(true);
    thread.start();
    try {
      return task.get((long) (seconds * 1000), TimeUnit.MILLISECONDS);
    } catch (TimeoutException e) {
      task.cancel(true);
      throw new InvalidInput(
          Sentence.of(
              "The picture \"%s\" took longer than %d seconds to read and was not taken in; save it smaller or simpler.",
              name, Math.round(seconds)),
          e);
    } catch (ExecutionException e) {
      throw switch (e.getCause()) {
        case InvalidInput known -> known;
        case NoRoom known -> known;
        case OutOfMemoryError full ->
            new NoRoom(
                Sentence.of(
                    "There was not enough memory for the picture \"%s\". Try again, or start Diaphan with more.",
                    name),
                full);
        case StackOverflowError deep ->
            new InvalidInput(
                Sentence.of(
                    "The picture \"%s\" is nested too deeply to be read; simplify it and save it again.",
                    name),
                deep);
        default ->
            new InvalidInput(
                Sentence.of(
                    "The picture \"%s\" is damaged and was not taken in; save it again.", name),
                e.getCause());
      };
    } catch (InterruptedException e) {
      task.cancel(true);
      Thread.currentThread().interrupt();
      throw new InvalidInput(Sentence.of("Reading the picture \"%s\" was called off.", name), e);
    }
  }
}
