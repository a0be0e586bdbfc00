package app.diaphan.server.picture;

import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.NoRoom;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.server.memory.MemoryBudget;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Decodes pictures, the same bytes once, however many ask for them at the same time. */
@Component
public class DecodedPictures {
  private final MemoryBudget budget;
  private final Remembered<String, PictureFile> files;
  private final Map<String, CompletableFuture<PictureFile>> underWay = new ConcurrentHashMap<>();

  DecodedPictures(MemoryBudget budget) {
    this.budget = budget;
    files = budget.pictures().kind(Memory::bytesOf, file -> file.picture().bytes());
  }

  /**
   * @param digest of the bytes, or what else tells them apart
   * @throws app.diaphan.core.InvalidInput if they are no picture Diaphan reads
   * @throws NoRoom if there is not enough memory, even when all else was let go of
   */
  public PictureFile file(String name, String digest, Supplier<byte[]> bytes) {
    return files.known(digest).orElseGet(() -> decoded(name, digest, bytes));
  }

  private PictureFile decoded(String name, String digest, Supplier<byte[]> bytes) {
    CompletableFuture<PictureFile> own = new CompletableFuture<>();
    CompletableFuture<PictureFile> others = underWay.putIfAbsent(digest, own);
    if (others != null) {
      return result(others);
    }
    try {
      own.complete(files.of(digest, () -> read(name, bytes.get())));
    } catch (Throwable e) {
      own.completeExceptionally(e); // For all who wait.
    } finally {
      underWay.remove(digest);
    }
    return result(own);
  }

  private PictureFile read(String name, byte[] bytes) {
    try {
      return PictureReader.readFile(name, bytes);
    } catch (NoRoom e) {
      budget.clear();
      return PictureReader.readFile(name, bytes);
    }
  }

  private static PictureFile result(CompletableFuture<PictureFile> future) {
    try {
      return future.join();
    } catch (CompletionException e) {
      switch (e.getCause()) {
        case RuntimeException known -> throw known;
        case Error known -> throw known;
        default -> throw e;
      }
    }
  }
}
