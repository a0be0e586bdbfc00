package app.diaphan.server.screening;

import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.StoredSamples;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.picture.PackedPng;
import app.diaphan.core.screening.AlphaReading;
import app.diaphan.core.screening.ScreenedStill;
import app.diaphan.server.deliver.AsDelivered;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.Missing;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import org.springframework.stereotype.Service;

/** Reads delivered files back as an editing program would. */
@Service
public class ScreeningService {
  private final DeliveryService deliveries;

  /** Both parts of a still are asked for one after the other. */
  private final Remembered<Asked, Screened> kept;

  private record Asked(String digest, AlphaReading reading) {}

  /**
   * Two PNG files.
   *
   * @param left where they lie in the still, in pixels
   */
  public record Screened(int left, int top, int width, int height, byte[] key, byte[] light) {}

  ScreeningService(DeliveryService deliveries, MemoryBudget budget) {
    this.deliveries = deliveries;
    kept =
        budget
            .remembered()
            .kind(Memory::bytesOf, screened -> screened.key().length + screened.light().length);
  }

  /**
   * @throws Missing if there is no such delivery or its file is gone
   */
  public Screened screened(long delivery, AlphaReading reading) {
    DeliveryEntity file = deliveries.get(delivery);
    AsDelivered.Now now = deliveries.now(file);
    if (now != AsDelivered.Now.SAME) {
      throw new Missing(
          Sentence.of(
              "%s cannot be screened. %s Deliver it again.", file.fileName(), now.sentence()));
    }
    return kept.of(
        new Asked(file.sha256().orElseThrow(), reading), () -> read(Path.of(file.path()), reading));
  }

  private static Screened read(Path file, AlphaReading reading) {
    try {
      ScreenedStill still = ScreenedStill.of(StoredSamples.of(file), reading);
      return new Screened(
          still.left(),
          still.top(),
          still.key().getWidth(),
          still.key().getHeight(),
          PackedPng.of(still.key()),
          PackedPng.of(still.light()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
