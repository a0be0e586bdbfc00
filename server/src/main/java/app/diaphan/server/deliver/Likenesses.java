package app.diaphan.server.deliver;

import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.returned.Likeness;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** What files are recognised by as delivered ones. It outlives the files. */
@Service
public class Likenesses {
  private static final Logger LOG = LoggerFactory.getLogger(Likenesses.class);

  private final Deliveries deliveries;
  private final AsDelivered asDelivered;

  Likenesses(Deliveries deliveries, AsDelivered asDelivered) {
    this.deliveries = deliveries;
    this.asDelivered = asDelivered;
  }

  /** Nothing if the file is gone and was not looked at before. */
  public Optional<Likeness> of(DeliveryEntity delivery) {
    if (delivery.likeness().isPresent()) {
      return delivery.likeness().map(Likeness::of);
    }
    if (!asDelivered.same(delivery)) {
      return Optional.empty();
    }
    Likeness likeness = Likeness.of((RasterPicture) read(delivery).picture());
    delivery.keepLikeness(likeness.bytes());
    deliveries.save(delivery);
    return Optional.of(likeness);
  }

  /** Looks at a delivered file while it is still there. */
  void beforeReplaced(Path file) {
    try {
      deliveries
          .findFirstByPathAndStateOrderByIdDesc(file.toString(), DeliveryEntity.State.DONE)
          .ifPresent(this::of);
    } catch (RuntimeException e) {
      // A delivery does not fail for the sake of the one before.
      LOG.warn("{} could not be looked at before it is replaced", file, e);
    }
  }

  public static PictureFile read(DeliveryEntity delivery) {
    try {
      return PictureReader.readFile(
          delivery.fileName(), Files.readAllBytes(Path.of(delivery.path())));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
