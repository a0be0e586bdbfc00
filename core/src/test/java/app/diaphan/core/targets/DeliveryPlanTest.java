package app.diaphan.core.targets;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Sidecar;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.Extent;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.core.overlay.retarget.FileAtTarget;
import app.diaphan.core.overlay.retarget.ForTarget;
import app.diaphan.core.targets.DeliveryPlan.Planned;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeliveryPlanTest {
  private static final Frame FRAME = Frame.of(640, 360);

  private final DeliveryPlan plan =
      new DeliveryPlan(
          new Deliverer(Samples.renderer(), Sidecar::toString),
          "Lantern Reach Regatta",
          LocalDate.of(2026, 6, 30));

  private static Overlay named(String name) {
    Overlay like = Samples.lowerThird(FRAME);
    return new Overlay(name, like.frame(), like.stack());
  }

  private static NamedTarget target(String name, FileKind kind, String pattern) {
    return new NamedTarget(
        name, TargetFrame.OF_OVERLAY, kind, NamePattern.parse(pattern), IfThere.REPLACE);
  }

  @ParameterizedTest
  @CsvSource({
    "{overlay}, race-day-two.png",
    "{package}_{overlay}_{frame}_r{revision}, lantern-reach-regatta_race-day-two_640x360_r7.png",
    "{date} {target} {counter}, 2026-06-30 on-air 01.png",
    "{OVERLAY}, race-day-two.png",
    "regatta, regatta.png"
  })
  void patternsAreFilledIn(String pattern, String expected) {
    List<PlannedFile> files =
        plan.of(
            List.of(new Planned(named("Race Day Two"), 7)),
            List.of(target("On air", FileKind.png(), pattern)));
    assertEquals(List.of(expected), files.getFirst().files());
    assertTrue(files.getFirst().possible());
  }

  @Test
  void aTrimmedFileCanCarryItsPlaceInItsName() {
    FileKind trimmed = FileKind.png().with(Extent.TRIMMED);
    PlannedFile file =
        plan.of(
                List.of(new Planned(named("Plate"), 1)),
                List.of(target("Cut", trimmed, "{overlay}_{left}_{top}")))
            .getFirst();
    assertEquals(
        "plate_%d_%d.png".formatted(file.extent().left(), file.extent().top()),
        file.files().getFirst());
    assertTrue(file.extent().top() > 0);
  }

  @ParameterizedTest
  @CsvSource({"{overlay}_{colour}, {colour}", "{overlay, brace", "a}b, brace", "'  ', characters"})
  void aPatternThatStandsForNothingIsRefused(String pattern, String told) {
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> target("Any", FileKind.png(), pattern));
    assertTrue(refused.getMessage().contains(told), refused.getMessage());
  }

  @Test
  void twoFilesOfOneNameAreFoundBeforeAnythingIsWritten() {
    List<PlannedFile> files =
        plan.of(
            List.of(new Planned(named("Bug"), 1), new Planned(named("BUG"), 1)),
            List.of(
                target("One", FileKind.png(), "{overlay}"),
                target("Two", FileKind.tiff(), "{overlay}")));
    assertEquals(4, files.size());
    for (PlannedFile file : files) {
      assertFalse(file.possible());
      assertTrue(file.problem().contains("same file name"), file.problem());
    }
  }

  @Test
  void aFillOfOneTargetCanMeetTheFileOfAnother() {
    List<PlannedFile> files =
        plan.of(
            List.of(new Planned(named("Bug"), 1)),
            List.of(
                target("Pair", FileKind.png().with(new Carried.FillAndKey(true)), "{overlay}"),
                target("Single", FileKind.png(), "bug-key")));
    assertTrue(files.stream().noneMatch(PlannedFile::possible));
  }

  @Test
  void unsafeNamesAreFoundBeforeAnythingIsWritten() {
    PlannedFile file =
        plan.of(
                List.of(new Planned(named("Bug"), 1)),
                List.of(target("Bad", FileKind.png(), "a/{overlay}")))
            .getFirst();
    assertTrue(file.problem().contains("/"), file.problem());
    assertEquals(List.of(), file.files());
  }

  @Test
  void anOverlayHasItsOwnKindOfFileAtOneTargetAlone() {
    FileKind pair = FileKind.png().with(new Carried.FillAndKey(false));
    Overlay bug =
        named("Bug")
            .withForTargets(
                List.of(
                    new ForTarget("Two", true, new FileAtTarget.OwnFile(pair), List.of()),
                    new ForTarget("Gone", true, FileAtTarget.OF_TARGET, List.of())));
    assertEquals(1, bug.forTargets().size(), "what says nothing is not kept");
    List<NamedTarget> targets =
        List.of(
            target("One", FileKind.png(), "{target}-{overlay}"),
            target("Two", FileKind.tiff(), "{target}-{overlay}"));
    List<Planned> overlays = List.of(new Planned(bug, 1), new Planned(named("Card"), 1));
    List<String> expected =
        List.of(
            "one-bug.png", "one-card.png", "two-bug-fill.png", "two-bug-key.png", "two-card.tif");
    assertEquals(
        expected,
        plan.of(overlays, targets).stream().flatMap(file -> file.files().stream()).toList());
    assertEquals(
        expected,
        new OwnFiles("Lantern Reach Regatta", LocalDate.of(2026, 6, 30))
            .of(overlays, targets).stream().flatMap(file -> file.files().stream()).toList());
    Overlay larger = Reframed.of(bug, Frame.of(1280, 720));
    assertEquals(bug.forTargets(), larger.forTargets());
  }

  @Test
  void anOverlayStaysAwayFromATargetThatItIsNotFor() {
    Overlay away = named("Bug").withForTargets(List.of(new ForTarget("Two", false, List.of())));
    List<PlannedFile> files =
        plan.of(
            List.of(new Planned(away, 1), new Planned(named("Card"), 1)),
            List.of(
                target("One", FileKind.png(), "{target}-{overlay}-{counter}"),
                target("Two", FileKind.png(), "{target}-{overlay}-{counter}")));
    assertEquals(
        List.of("one-bug-01.png", "one-card-02.png", "two-card-01.png"),
        files.stream().flatMap(file -> file.files().stream()).toList());
  }

  @Test
  void filesThatAreKeptGiveTheNewOnesANumber() {
    NamedTarget keeping =
        new NamedTarget(
            "Keep",
            TargetFrame.OF_OVERLAY,
            FileKind.png(),
            NamePattern.parse("{overlay}"),
            IfThere.KEEP_BESIDE);
    PlannedFile file = plan.of(List.of(new Planned(named("Bug"), 1)), List.of(keeping)).getFirst();
    assertEquals("bug", file.freeName(name -> false));
    assertEquals("bug-3", file.freeName(Set.of("bug.png", "bug-2.png")::contains));
    PlannedFile replacing =
        plan.of(
                List.of(new Planned(named("Bug"), 1)),
                List.of(target("Replace", FileKind.png(), "{overlay}")))
            .getFirst();
    assertEquals("bug", replacing.freeName(name -> true));
  }

  @Test
  void targetsHaveNamesOfTheirOwn() {
    NamedTarget one = target("On air", FileKind.png(), "{overlay}");
    NamedTarget other = target("on AIR", FileKind.png(), "{overlay}");
    assertThrows(InvalidInput.class, () -> new TargetList(List.of(one, other)));
    assertThrows(InvalidInput.class, () -> new TargetList(List.of()));
    InvalidInput missing =
        assertThrows(InvalidInput.class, () -> TargetList.AS_DESIGNED.get("On air"));
    assertTrue(missing.getMessage().contains("As designed"), missing.getMessage());
  }
}
