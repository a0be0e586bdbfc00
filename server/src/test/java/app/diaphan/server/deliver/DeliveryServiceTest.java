package app.diaphan.server.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.frame.Frame;
import app.diaphan.server.DataFolder;
import app.diaphan.server.TestOverlays;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The faults around a delivery that real parts do not show on demand. */
class DeliveryServiceTest {
  private static final Target TARGET = Target.png(Frame.of(320, 180));

  @TempDir Path folder;
  private final PackageStore store = mock(PackageStore.class);
  private final Deliveries deliveries = mock(Deliveries.class);
  private final DrawingService drawings = mock(DrawingService.class);
  private DeliveryService service;

  @BeforeEach
  void makeService() {
    Clock clock = Clock.fixed(Instant.parse("2026-06-01T10:40:00Z"), ZoneOffset.UTC);
    service = new DeliveryService(store, deliveries, drawings, new DataFolder(folder), clock);
    OverlayEntity overlay = mock(OverlayEntity.class);
    when(overlay.id()).thenReturn(7L);
    when(overlay.packageId()).thenReturn(3L);
    when(overlay.name()).thenReturn("Lower third");
    when(overlay.document()).thenReturn(TestOverlays.lowerThird("Ysolde"));
    when(store.overlay(7L)).thenReturn(overlay);
    when(store.get(3L)).thenReturn(new GraphicsPackage("Regatta", Instant.EPOCH));
  }

  private DeliveryEntity running(String file) {
    DeliveryEntity delivery =
        new DeliveryEntity(
            store.overlay(7L), "{}", file, folder.resolve(file).toString(), Instant.EPOCH);
    assertEquals(DeliveryEntity.State.RUNNING, delivery.state());
    return delivery;
  }

  @Test
  void whatWasInterruptedIsClosedAndItsRestRemoved() throws IOException {
    DeliveryEntity interrupted = running("bug.png");
    when(deliveries.findByState(DeliveryEntity.State.RUNNING)).thenReturn(List.of(interrupted));
    Path rest = Files.createTempFile(folder, ".", ".unfinished");
    service.closeInterrupted();
    assertEquals(DeliveryEntity.State.FAILED, interrupted.state());
    assertTrue(interrupted.sentence().contains("Deliver again"), interrupted.sentence());
    assertFalse(Files.exists(rest));
    verify(deliveries).save(interrupted);
  }

  @Test
  void anUnusableNameIsRefusedBeforeAnythingIsKept() {
    assertThrows(InvalidInput.class, () -> service.start(7L, TARGET, "a/b"));
    verify(deliveries, never()).save(any());
  }

  @Test
  void anErrorInDiaphanItselfIsSaidAndTheDeliveryEnds() throws InterruptedException {
    DeliveryEntity delivery = mock(DeliveryEntity.class);
    when(delivery.id()).thenReturn(11L);
    when(deliveries.save(any())).thenReturn(delivery);
    when(drawings.rendererFor(3L)).thenThrow(new IllegalStateException("broken on purpose"));
    service.start(7L, TARGET, "bug");
    service.stop();
    verify(delivery, org.mockito.Mockito.timeout(5000))
        .failed(org.mockito.ArgumentMatchers.contains("nothing was left half-written"), any());
    verify(deliveries, org.mockito.Mockito.timeout(5000)).save(delivery);
    assertFalse(Files.exists(folder.resolve("deliveries/3-regatta/bug.png")));
  }
}
