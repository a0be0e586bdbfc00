package app.diaphan.server.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyList;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.FileReport;
import app.diaphan.core.deliver.RunEnd;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.TestOverlays;
import app.diaphan.server.disk.DatabaseTrouble;
import app.diaphan.server.disk.UntilSaved;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.memory.OutOfMemory;
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
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.function.Consumer;
import java.util.function.Supplier;
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
  private final Likenesses looks = mock(Likenesses.class);
  private final Deliverer deliverer = mock(Deliverer.class);
  private final OverlayEntity overlay = mock(OverlayEntity.class);
  private final DeliveryRun run = mock(DeliveryRun.class);
  private final Set<DeliveryEntity> saved = ConcurrentHashMap.newKeySet();
  private final MemoryBudget budget = new MemoryBudget();
  private final UntilSaved untilSaved = mock(UntilSaved.class);
  private DeliveryService service;

  @BeforeEach
  void makeService() {
    Clock clock = Clock.fixed(Instant.parse("2026-06-01T10:40:00Z"), ZoneOffset.UTC);
    service =
        new DeliveryService(
            store,
            deliveries,
            runs,
            plans,
            looks,
            new RunHistory(store, deliveries, runs, untilSaved, clock),
            mock(AsDelivered.class),
            budget,
            mock(OutOfMemory.class),
            clock);
    when(untilSaved.save(any(), any()))
        .thenAnswer(asked -> asked.<Supplier<?>>getArgument(0).get());
    when(store.hasOverlay(7L)).thenReturn(true);
    when(runs.existsById(any())).thenReturn(true);
    when(run.end()).thenReturn(new RunEnd(0, 0, 0, 0));
    when(deliveries.findByRunIdOrderByRunPlaceAscIdAsc(any()))
        .thenAnswer(asked -> List.copyOf(saved));
    when(overlay.id()).thenReturn(7L);
    when(overlay.packageId()).thenReturn(3L);
    when(overlay.name()).thenReturn("Lower third");
    when(store.targets(3L)).thenReturn(TargetList.AS_DESIGNED);
    when(run.id()).thenReturn(5L);
    when(run.packageId()).thenReturn(3L);
    when(runs.save(any())).thenReturn(run);
    when(deliveries.save(any()))
        .thenAnswer(
            call -> {
              DeliveryEntity delivery = call.getArgument(0);
              saved.add(delivery);
              return delivery;
            });
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
    return new PlanService.Line(
        overlay, file, PlanService.Standing.NEW, "digest", Optional.empty(), List.of());
  }

  private void planned(PlanService.Line... lines) {
    when(plans.plan(eq(3L), anyList(), anyList())).thenReturn(List.of(lines));
    when(run.planned()).thenReturn(lines.length);
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
    when(deliveries.running()).thenReturn(List.of(interrupted));
    when(runs.running()).thenReturn(List.of(unfinished));
    Path rest = Files.createTempFile(folder, ".", ".unfinished");
    service.closeInterrupted();
    assertEquals(DeliveryEntity.State.BROKEN_OFF, interrupted.state());
    assertTrue(interrupted.sentence().contains("Deliver again"), interrupted.sentence());
    assertEquals(DeliveryRun.State.STOPPED, unfinished.state());
    assertEquals(
        "Diaphan was stopped while this was being delivered. None of 4 were delivered; 4 were broken off or not begun.",
        unfinished.sentence());
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
        .ended(eq(DeliveryRun.State.DONE), eq(new RunEnd(0, 2, 0, 0)), eq(""), any());
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
    assertEquals("writing bug.png and card.png", far.doing());
    service.callOff(5L);
    verify(run, timeout(5000))
        .ended(eq(DeliveryRun.State.STOPPED), eq(new RunEnd(0, 0, 0, 3)), any(), any());
    verify(deliverer, never()).deliver(any(), any(), any(), eq("lower"), any());
  }

  @Test
  void aRunThatIsCalledOffWhileTheDiskIsFullSaysSoAndEndsOnceThereIsRoom() throws Exception {
    planned(line("bug", ""), line("card", ""), line("lower", ""));
    when(runs.findById(5L)).thenReturn(Optional.of(run));
    when(deliverer.deliver(any(), any(), any(), any(), any()))
        .thenReturn(List.of(delivered("bug.png")));
    DatabaseTrouble full = DatabaseTrouble.FULL;
    CountDownLatch waiting = new CountDownLatch(1);
    CountDownLatch room = new CountDownLatch(1);
    doAnswer(
            asked -> {
              asked.<Consumer<DatabaseTrouble>>getArgument(1).accept(full);
              waiting.countDown();
              room.await();
              return asked.<Supplier<?>>getArgument(0).get();
            })
        .when(untilSaved)
        .save(any(), any());
    service.start(3L, ALL);
    waiting.await();
    assertEquals("waiting until it can be noted down. " + full.what(), service.howFar(run).doing());
    service.callOff(5L);
    assertEquals(
        "called off; it ends as soon as that can be noted down. " + full.what(),
        service.howFar(run).doing());
    room.countDown();
    verify(run, timeout(5000)).ended(eq(DeliveryRun.State.STOPPED), any(), any(), any());
    verify(deliverer, never()).deliver(any(), any(), any(), eq("lower"), any());
  }

  @Test
  void aRunWhoseMemoryOtherWorkHasSaysThatItWaits() throws InterruptedException {
    planned(line("bug", ""));
    when(deliverer.deliver(any(), any(), any(), any(), any()))
        .thenReturn(List.of(delivered("bug.png")));
    try (Permits.Permit all = budget.work().take(Long.MAX_VALUE)) {
      service.start(3L, ALL);
      long end = System.nanoTime() + 5_000_000_000L;
      while (service.howFar(run).doing().isEmpty() && System.nanoTime() < end) {
        Thread.sleep(5);
      }
      assertEquals("waiting for memory that other work has", service.howFar(run).doing());
      verify(deliverer, never()).deliver(any(), any(), any(), any(), any());
    }
    verify(run, timeout(5000))
        .ended(eq(DeliveryRun.State.DONE), eq(new RunEnd(1, 0, 0, 0)), eq(""), any());
  }

  @Test
  void anOverlayThatWasDeletedIsLeftOutAndNotCountedAsDelivered() {
    planned(line("bug", ""), line("card", ""));
    when(store.hasOverlay(7L)).thenReturn(false);
    service.start(3L, ALL);
    verify(run, timeout(5000))
        .ended(eq(DeliveryRun.State.DONE), eq(new RunEnd(0, 0, 2, 0)), eq(""), any());
    verify(deliverer, never()).deliver(any(), any(), any(), any(), any());
    for (DeliveryEntity left : saved) {
      assertEquals(DeliveryEntity.State.SKIPPED, left.state());
      assertTrue(left.sentence().contains("deleted"), left.sentence());
    }
  }

  @Test
  void oneOverlayAtOneTargetThatHasTwoFilesIsCountedOnce() {
    planned(line("bug", ""));
    when(deliverer.deliver(any(), any(), any(), any(), any()))
        .thenReturn(List.of(delivered("bug-fill.png"), delivered("bug-key.png")));
    service.start(3L, ALL);
    verify(run, timeout(5000))
        .ended(eq(DeliveryRun.State.DONE), eq(new RunEnd(1, 0, 0, 0)), eq(""), any());
    assertEquals(2, saved.size());
  }

  private Delivered delivered(String name) {
    FileReport report =
        DocumentJson.read(
            """
            {"format":"PNG","width":1,"height":1,"bits":8,"channels":4,"alpha":"STRAIGHT",
            "clear":1,"partial":0,"solid":0,"drawn":null,"fringe":0,"tags":{},"bytes":9,"sha256":"d"}
            """,
            FileReport.class,
            "The report");
    return new Delivered(folder.resolve(name), null, 0, 0, report, Optional.empty(), List.of());
  }

  @Test
  void aPackageDoesNotWaitForAnother() throws InterruptedException {
    planned(line("bug", ""));
    CountDownLatch held = new CountDownLatch(1);
    CountDownLatch writing = new CountDownLatch(1);
    when(deliverer.deliver(any(), any(), any(), any(), any()))
        .thenAnswer(
            call -> {
              writing.countDown();
              held.await();
              return List.of(delivered("bug.png"));
            });
    service.start(3L, ALL);
    writing.await();
    DeliveryRun other = mock(DeliveryRun.class);
    when(other.id()).thenReturn(6L);
    when(other.packageId()).thenReturn(4L);
    when(other.planned()).thenReturn(1);
    when(runs.save(any())).thenReturn(other);
    when(store.targets(4L)).thenReturn(TargetList.AS_DESIGNED);
    when(plans.folder(4L)).thenReturn(folder);
    when(plans.deliverer(4L)).thenThrow(new IllegalStateException("broken on purpose"));
    PlanService.Line line = line("card", "");
    when(plans.plan(eq(4L), anyList(), anyList())).thenReturn(List.of(line));
    service.start(4L, ALL);
    verify(other, timeout(5000)).ended(eq(DeliveryRun.State.DONE), any(), any(), any());
    verify(run, never()).ended(any(), any(), any(), any());
    held.countDown();
    verify(run, timeout(5000)).ended(eq(DeliveryRun.State.DONE), any(), any(), any());
  }

  @Test
  void anUnknownTargetIsRefused() {
    planned(line("bug", ""));
    DeliveryService.Order order = new DeliveryService.Order(List.of(), List.of("Nowhere"), false);
    InvalidInput refused = assertThrows(InvalidInput.class, () -> service.start(3L, order));
    assertTrue(refused.getMessage().contains("As designed"), refused.getMessage());
  }
}
