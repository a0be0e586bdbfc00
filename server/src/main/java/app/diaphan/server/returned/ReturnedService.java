package app.diaphan.server.returned;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.returned.PictureLook;
import app.diaphan.core.returned.Recognition;
import app.diaphan.core.returned.ReturnedCheck;
import app.diaphan.core.returned.Verdict;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Finds the delivery that a file came from, and what happened to it on its way. */
@Service
public class ReturnedService {
  private final DeliveryService deliveries;
  private final Deliveries rows;

  ReturnedService(DeliveryService deliveries, Deliveries rows) {
    this.deliveries = deliveries;
    this.rows = rows;
  }

  /**
   * @param delivery the one that it came from; nothing if none is like it
   */
  public record Came(Optional<DeliveryEntity> delivery, Verdict verdict) {}

  /**
   * @throws InvalidInput if the bytes are no picture
   */
  public Came check(Long packageId, String name, byte[] bytes) {
    List<DeliveryEntity> delivered = deliveries.deliveredOf(packageId);
    String digest = sha256(bytes);
    Optional<DeliveryEntity> same =
        delivered.stream().filter(one -> one.sha256().equals(Optional.of(digest))).findFirst();
    if (same.isPresent()) {
      return new Came(same, ReturnedCheck.sameBytes());
    }
    PictureFile returned = PictureReader.readFile(name, bytes);
    if (!(returned.picture() instanceof RasterPicture picture)) {
      throw new InvalidInput(
          "\"%s\" is a vector picture; give back a file of pixels.".formatted(name));
    }
    Recognition<DeliveryEntity> recognition = new Recognition<>(picture);
    Set<String> seen = new HashSet<>();
    for (DeliveryEntity one : delivered) {
      if (seen.add(one.sha256().orElse("")) && isThere(one)) {
        // Of two targets that look alike the one of the same size is meant.
        recognition.consider(one, lookOf(one), sameSize(one, picture) ? 0 : 0.001);
      }
    }
    return recognition
        .nearest()
        .map(one -> new Came(Optional.of(one), ReturnedCheck.of(read(one), returned)))
        .orElseGet(() -> new Came(Optional.empty(), ReturnedCheck.stranger()));
  }

  private static boolean sameSize(DeliveryEntity delivery, RasterPicture picture) {
    String report = Optional.ofNullable(delivery.report()).orElse("");
    return report.contains(
        "\"width\":%d,\"height\":%d,".formatted(picture.width(), picture.height()));
  }

  /** Whether the file is still the one that was delivered, and not one that came after it. */
  private static boolean isThere(DeliveryEntity delivery) {
    try {
      Path file = Path.of(delivery.path());
      return Files.isRegularFile(file)
          && delivery.sha256().equals(Optional.of(sha256(Files.readAllBytes(file))));
    } catch (IOException e) {
      return false;
    }
  }

  /** Files do not change, so that a look is taken once. */
  private PictureLook lookOf(DeliveryEntity delivery) {
    return delivery
        .pictureLook()
        .map(PictureLook::of)
        .orElseGet(
            () -> {
              PictureLook look = PictureLook.of((RasterPicture) read(delivery).picture());
              delivery.keepLook(look.bytes());
              rows.save(delivery);
              return look;
            });
  }

  private static PictureFile read(DeliveryEntity delivery) {
    try {
      return PictureReader.readFile(
          delivery.fileName(), Files.readAllBytes(Path.of(delivery.path())));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e); // Every Java platform has SHA-256.
    }
  }
}
