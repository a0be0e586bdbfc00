package app.diaphan.server.deliver;

import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.returned.PictureLook;
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

/** Looks at delivered files that others are recognised by. They outlive the files. */
@Service
public class PictureLooks {
  private static final Logger LOG = LoggerFactory.getLogger(PictureLooks.class);

  private final Deliveries deliveries;
  private final AsDelivered asDelivered;

  PictureLooks(Deliveries deliveries, AsDelivered asDelivered) {
    this.deliveries = deliveries;
    this.asDelivered = asDelivered;
  }

  /** Nothing if the file is gone and was not looked at before. */
  public Optional<PictureLook> of(DeliveryEntity delivery) {
    if (delivery.pictureLook().isPresent()) {
      return delivery.pictureLook().map(PictureLook::of);
    }
    if (!asDelivered.same(delivery)) {
      return Optional.empty();
    }
    PictureLook look = PictureLook.of((RasterPicture) read(delivery).picture());
    delivery.keepLook(look.bytes());
    deliveries.save(delivery);
    return Optional.of(look);
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
