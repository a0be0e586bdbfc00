package app.diaphan.server.deliver;

import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Tells whether what lies under a delivered file's name is still that file, byte for byte. */
@Component
public class AsDelivered {
  private final Deliveries deliveries;
  private final FileDigests digests;

  AsDelivered(Deliveries deliveries, FileDigests digests) {
    this.deliveries = deliveries;
    this.digests = digests;
  }

  /** What lies there now. */
  public enum Now {
    /** The very bytes that were delivered. */
    SAME(""),
    GONE("The file is no longer there."),
    /** A later delivery has this name. */
    REPLACED("It was replaced by a later delivery of the same name."),
    CHANGED("The file was changed or written over since; what is there is not what was delivered."),
    NOT_A_FILE("A link or a folder lies there instead of the file."),
    UNREADABLE("The file cannot be read.");

    private final String sentence;

    Now(String sentence) {
      this.sentence = sentence;
    }

    /** Empty for the file itself. */
    public String sentence() {
      return sentence;
    }
  }

  public boolean same(DeliveryEntity delivery) {
    return of(delivery) == Now.SAME;
  }

  public Now of(DeliveryEntity delivery) {
    Path file = Path.of(delivery.path());
    try {
      BasicFileAttributes there =
          Files.readAttributes(file, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
      if (!there.isRegularFile()) {
        return Now.NOT_A_FILE;
      }
      String digest = digests.of(file, there);
      if (delivery.sha256().equals(Optional.of(digest))) {
        return Now.SAME;
      }
      return deliveries.existsByPathAndStateAndSha256AndIdGreaterThan(
              delivery.path(), DeliveryEntity.State.DONE, digest, delivery.id())
          ? Now.REPLACED
          : Now.CHANGED;
    } catch (NoSuchFileException e) {
      return Now.GONE;
    } catch (IOException e) {
      return Now.UNREADABLE;
    }
  }
}
