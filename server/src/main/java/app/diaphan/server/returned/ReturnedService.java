package app.diaphan.server.returned;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.returned.Recognition;
import app.diaphan.core.returned.ReturnedCheck;
import app.diaphan.core.returned.Verdict;
import app.diaphan.server.deliver.AsDelivered;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.deliver.Likenesses;
import app.diaphan.server.store.DeliveryEntity;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Finds the delivery that a file came from, and what happened to it on its way. */
@Service
public class ReturnedService {
  private final DeliveryService deliveries;
  private final Likenesses looks;
  private final AsDelivered asDelivered;

  ReturnedService(DeliveryService deliveries, Likenesses looks, AsDelivered asDelivered) {
    this.deliveries = deliveries;
    this.looks = looks;
    this.asDelivered = asDelivered;
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
    String digest = Digest.of(bytes);
    Optional<DeliveryEntity> same =
        delivered.stream().filter(one -> one.sha256().equals(Optional.of(digest))).findFirst();
    if (same.isPresent()) {
      return new Came(
          same,
          replaced(same.get()) ? ReturnedCheck.sameBytesAsBefore() : ReturnedCheck.sameBytes());
    }
    PictureFile returned = PictureReader.readFile(name, bytes);
    if (!(returned.picture() instanceof RasterPicture picture)) {
      throw new InvalidInput(
          Sentence.of("\"%s\" is a vector picture; give back a file of pixels.", name));
    }
    Recognition<DeliveryEntity> recognition = new Recognition<>(picture);
    Set<String> seen = new HashSet<>();
    for (DeliveryEntity one : delivered) {
      if (seen.add(one.sha256().orElse(""))) {
        // Of two targets that look alike the one of the same size is meant.
        double handicap = sameSize(one, picture) ? 0 : 0.001;
        looks.of(one).ifPresent(look -> recognition.consider(one, look, handicap));
      }
    }
    return recognition
        .nearest()
        .map(one -> new Came(Optional.of(one), verdict(one, returned)))
        .orElseGet(() -> new Came(Optional.empty(), ReturnedCheck.stranger()));
  }

  private boolean replaced(DeliveryEntity delivery) {
    return switch (asDelivered.of(delivery)) {
      case SAME, GONE, UNREADABLE -> false;
      case REPLACED, CHANGED, NOT_A_FILE -> true;
    };
  }

  private Verdict verdict(DeliveryEntity delivery, PictureFile returned) {
    return asDelivered.same(delivery)
        ? ReturnedCheck.of(Likenesses.read(delivery), returned)
        : ReturnedCheck.likeOneBefore();
  }

  private static boolean sameSize(DeliveryEntity delivery, RasterPicture picture) {
    String report = Optional.ofNullable(delivery.report()).orElse("");
    return report.contains(
        Sentence.of("\"width\":%d,\"height\":%d,", picture.width(), picture.height()));
  }
}
