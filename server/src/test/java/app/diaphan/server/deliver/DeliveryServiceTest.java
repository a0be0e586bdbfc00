package app.diaphan.server.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyList;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.TestOverlays;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.DeliveryRun;
import app.diaphan.server.store.DeliveryRuns;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The faults around a delivery that real parts do not show on demand. */
class DeliveryServiceTest {
  private static final NamedTarget TARGET = TargetList.AS_DESIGNED.targets().getFirst();
  private static final DeliveryService.Order ALL =
      new DeliveryService.Order(List.of(), List.of(), false);

  @TempDir Path folder;
  private final PackageStore store = mock(PackageStore.class);
  private final Deliveries deliveries = mock(Deliveries.class);
  private final DeliveryRuns runs = mock(DeliveryRuns.class);
  private final PlanService plans = mock(PlanService.class);
  private final PictureLooks looks = mock(PictureLooks.class);
  private final Deliverer deliverer = mock(Deliverer.class);
  private final OverlayEntity overlay = mock(OverlayEntity.class);
  private final DeliveryRun run = mock(DeliveryRun.class);
  private DeliveryService service;

  @BeforeEach
  void makeService() {
    Clock clock = Clock.fixed(Instant.parse("2026-06-01T10:40:00Z"), ZoneOffset.UTC);
    service = new DeliveryService(store, deliveries, runs, plans, looks, clock);
    when(overlay.id()).thenReturn(7L);
    when(overlay.packageId()).thenReturn(3L);
    when(overlay.name()).thenReturn("Lower third");
    when(store.targets(3L)).thenReturn(TargetList.AS_DESIGNED);
    when(run.id()).thenReturn(5L);
    when(run.packageId()).thenReturn(3L);
    when(runs.save(any())).thenReturn(run);
    when(deliveries.save(any())).thenAnswer(saved -> saved.getArgument(0));
    when(plans.folder(3L)).thenReturn(folder);
    when(plans.deliverer(3L)).thenReturn(deliverer);
  }

  private PlanService.Line line(String name, String problem) {
    Overlay document =
        DocumentJson.read(TestOverlays.lowerThird("Ysolde"), Overlay.class, "The overlay");
    PlannedFile file =
        new PlannedFile(
            0,
            TARGET,
            document,
            name,
            problem.isEmpty() ? List.of(name + ".png") : List.of(),
            new Bounds(0, 0, 320, 180),
            problem);
    return new PlanService.Line(overlay, file, PlanService.Standing.NEW, "digest", List.of());
  }

  private void planned(PlanService.Line... lines) {
    when(plans.plan(eq(3L), anyList(), anyList())).thenReturn(List.of(lines));
  }

  private DeliveryEntity running(String file) {
    DeliveryEntity delivery =
        new DeliveryEntity(
            run,
            0,
            overlay,
            "As designed",
            "{}",
            "digest",
            file,
            folder.resolve(file).toString(),
            Instant.EPOCH);
    assertEquals(DeliveryEntity.State.RUNNING, delivery.state());
    return delivery;
  }

  @Test
  void whatWasInterruptedIsClosedAndItsRestRemoved() throws IOException {
    DeliveryEntity interrupted = running("bug.png");
    DeliveryRun unfinished = new DeliveryRun(3L, 4, Instant.EPOCH);
    when(deliveries.findByState(DeliveryEntity.State.RUNNING)).thenReturn(List.of(interrupted));
    when(runs.findByState(DeliveryRun.State.RUNNING)).thenReturn(List.of(unfinished));
    Path rest = Files.createTempFile(folder, ".", ".unfinished");
    service.closeInterrupted();
    assertEquals(DeliveryEntity.State.FAILED, interrupted.state());
    assertTrue(interrupted.sentence().contains("Deliver again"), interrupted.sentence());
    assertEquals(DeliveryRun.State.STOPPED, unfinished.state());
    assertTrue(unfinished.sentence().contains("whole"), unfinished.sentence());
    assertFalse(Files.exists(rest));
    verify(deliveries).save(interrupted);
    verify(runs).save(unfinished);
  }

  @Test
  void nothingIsStartedIfOneFileCannotBeWrittenAsPlanned() {
    planned(line("bug", ""), line("a/b", "The name holds a slash."));
    InvalidInput refused = assertThrows(InvalidInput.class, () -> service.start(3L, ALL));
    assertTrue(refused.getMessage().contains("slash"), refused.getMessage());
    verify(runs, never()).save(any());
    verify(deliveries, never()).save(any());
  }

  @Test
  void anErrorInDiaphanItselfIsSaidAndTheOthersAreStillDelivered() {
    planned(line("bug", ""), line("card", ""));
    when(deliverer.deliver(any(), any(), any(), any(), any()))
        .thenThrow(new IllegalStateException("broken on purpose"));
    service.start(3L, ALL);
    verify(run, timeout(5000))
        .ended(eq(DeliveryRun.State.DONE), eq("None of the 2 could be delivered."), any());
    verify(deliverer).deliver(any(), any(), eq(folder), eq("bug"), any());
    verify(deliverer).deliver(any(), any(), eq(folder), eq("card"), any());
  }

  @Test
  void aRunThatIsCalledOffEndsWithinTheTwoFilesThatAreBeingWritten() throws InterruptedException {
    planned(line("bug", ""), line("card", ""), line("lower", ""));
    CountDownLatch writing = new CountDownLatch(2);
    when(runs.findById(5L)).thenReturn(java.util.Optional.of(run));
    when(deliverer.deliver(any(), any(), any(), any(), any()))
        .thenAnswer(
            call -> {
              app.diaphan.core.deliver.Progress progress = call.getArgument(4);
              writing.countDown();
              while (true) {
                progress.at(1, 2);
                Thread.sleep(5);
              }
            });
    service.start(3L, ALL);
    writing.await();
    DeliveryService.HowFar far = service.howFar(run);
    assertEquals(0, far.finished());
    assertEquals("bug.png and card.png", far.file());
    service.callOff(5L);
    verify(run, timeout(5000)).ended(eq(DeliveryRun.State.STOPPED), any(), any());
    verify(deliverer, never()).deliver(any(), any(), any(), eq("lower"), any());
  }

  @Test
  void anUnknownTargetIsRefused() {
    planned(line("bug", ""));
    DeliveryService.Order order = new DeliveryService.Order(List.of(), List.of("Nowhere"), false);
    InvalidInput refused = assertThrows(InvalidInput.class, () -> service.start(3L, order));
    assertTrue(refused.getMessage().contains("As designed"), refused.getMessage());
  }
}
