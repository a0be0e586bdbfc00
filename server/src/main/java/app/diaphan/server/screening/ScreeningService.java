package app.diaphan.server.screening;

import app.diaphan.core.deliver.StoredSamples;
import app.diaphan.core.picture.PackedPng;
import app.diaphan.core.screening.AlphaReading;
import app.diaphan.core.screening.ScreenedStill;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.Missing;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.stereotype.Service;

/** Reads delivered files back as an editing program would. */
@Service
public class ScreeningService {
  private static final long KEPT_BYTES = 64L << 20;

  private final DeliveryService deliveries;

  /** Both parts of a still are asked for one after the other. */
  private final Cache<Asked, Screened> kept =
      Caffeine.newBuilder()
          .maximumWeight(KEPT_BYTES)
          .weigher(
              (Asked asked, Screened screened) -> screened.key().length + screened.light().length)
          .build();

  private record Asked(long delivery, AlphaReading reading) {}

  /** Two PNG files. */
  public record Screened(byte[] key, byte[] light) {}

  ScreeningService(DeliveryService deliveries) {
    this.deliveries = deliveries;
  }

  /**
   * @throws Missing if there is no such delivery or its file is gone
   */
  public Screened screened(long delivery, AlphaReading reading) {
    return kept.get(new Asked(delivery, reading), this::read);
  }

  private Screened read(Asked asked) {
    DeliveryEntity delivery = deliveries.get(asked.delivery());
    Path file = Path.of(delivery.path());
    if (!Files.isRegularFile(file)) {
      throw new Missing(
          "The file %s is not there to be screened; deliver it again."
              .formatted(delivery.fileName()));
    }
    try {
      ScreenedStill still = ScreenedStill.of(StoredSamples.of(file), asked.reading());
      return new Screened(PackedPng.of(still.key()), PackedPng.of(still.light()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
