package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;

/**
 * Lets decoders work for so long and no longer. One that is given up on is interrupted; the streams
 * it reads from and the lists it draws into stop it at its next step.
 *
 * @param seconds for one picture
 * @param atOnce pictures decoded side by side, so that their memory does not add up
 */
record DecodingLimits(double seconds, Semaphore atOnce) {
  static final DecodingLimits STANDARD = new DecodingLimits(20, new Semaphore(2));

  /** Deeply nested files need a deep stack, or fail in an orderly way for want of it. */
  private static final long STACK_BYTES = 8L << 20;

  /**
   * @throws InvalidInput if it takes too long or needs more memory than there is
   */
  <T> T run(String name, Supplier<T> decoding) {
    atOnce.acquireUninterruptibly();
    FutureTask<T> task = new FutureTask<>(decoding::get);
    Thread thread = new Thread(null, task, "decoding " + name, STACK_BYTES);
    thread.setDaemon(true);
    thread.start();
    try {
      return task.get((long) (seconds * 1000), TimeUnit.MILLISECONDS);
    } catch (TimeoutException e) {
      task.cancel(true);
      throw new InvalidInput(
          "The picture \"%s\" took longer than %.0f seconds to read and was not taken in; save it smaller or simpler."
              .formatted(name, seconds),
          e);
    } catch (ExecutionException e) {
      throw switch (e.getCause()) {
        case InvalidInput known -> known;
        case OutOfMemoryError full ->
            new InvalidInput(
                "The picture \"%s\" needs more memory than there is; scale it down."
                    .formatted(name),
                full);
        case StackOverflowError deep ->
            new InvalidInput(
                "The picture \"%s\" is nested too deeply to be read; simplify it and save it again."
                    .formatted(name),
                deep);
        default ->
            new InvalidInput(
                "The picture \"%s\" is damaged and was not taken in; save it again."
                    .formatted(name),
                e.getCause());
      };
    } catch (InterruptedException e) {
      task.cancel(true);
      Thread.currentThread().interrupt();
      throw new InvalidInput("Reading the picture \"%s\" was called off.".formatted(name), e);
    } finally {
      atOnce.release();
    }
  }
}
