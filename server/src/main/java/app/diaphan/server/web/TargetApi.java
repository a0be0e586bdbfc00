package app.diaphan.server.web;

import app.diaphan.core.file.Carried;
import app.diaphan.core.file.Compression;
import app.diaphan.core.file.FileFormat;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.core.overlay.reframe.Retargeting;
import app.diaphan.core.targets.NameToken;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.deliver.DeliveryFolder;
import app.diaphan.server.deliver.PlanService;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.store.PackageStore;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The targets of a package, how overlays look there, and what would be written. */
@RestController
@RequestMapping("/api")
class TargetApi {
  private final PackageStore store;
  private final PlanService plans;
  private final DeliveryFolder folders;

  TargetApi(PackageStore store, PlanService plans, DeliveryFolder folders) {
    this.store = store;
    this.plans = plans;
    this.folders = folders;
  }

  record NameTokenMeaning(String written, String meaning) {}

  /**
   * What files of a format are called and can hold.
   *
   * @param extension without the dot
   * @param carries a first value of each way in which they carry colours and alpha
   * @param compressions that can be chosen
   */
  record FormatChoice(
      FileFormat format,
      String words,
      String extension,
      String mediaType,
      List<Carried> carries,
      List<Compression> compressions) {}

  record ToRetarget(Overlay overlay, NamedTarget target) {}

  /**
   * @param overlays ids; all of the package's if there are none
   * @param targets in order; they need not be saved
   */
  record ToPlan(List<Long> overlays, List<NamedTarget> targets) {}

  /**
   * One overlay at one target, before it is delivered.
   *
   * @param problem why it cannot be written; empty if it can
   * @param files names of what would be written; none if it cannot be
   * @param folder where
   * @param width of the files in pixels; 0 if there would be none
   * @param left where the files lie on their frame
   * @param replaces whether a file of this name is there already and would be replaced
   * @param changes what has changed since the last delivery, in words
   */
  record PlanLine(
      long overlayId,
      String overlay,
      String target,
      String problem,
      List<String> files,
      String folder,
      int width,
      int height,
      int left,
      int top,
      boolean replaces,
      PlanService.Standing standing,
      List<String> changes) {}

  /** What patterns of file names can hold. */
  @GetMapping("/name-tokens")
  List<NameTokenMeaning> nameTokens() {
    return Arrays.stream(NameToken.values())
        .map(token -> new NameTokenMeaning(token.written(), token.meaning()))
        .toList();
  }

  /** The formats of files that are delivered. */
  @GetMapping("/file-formats")
  List<FormatChoice> fileFormats() {
    return Arrays.stream(FileFormat.values())
        .map(
            format ->
                new FormatChoice(
                    format,
                    format.words(),
                    format.extension(),
                    format.mediaType(),
                    format.carries(),
                    format.compressions()))
        .toList();
  }

  @GetMapping("/packages/{id}/targets")
  TargetList targets(@PathVariable long id) {
    return store.targets(id);
  }

  @PutMapping("/packages/{id}/targets")
  TargetList keepTargets(@PathVariable long id, @RequestBody TargetList targets) {
    return store.keepTargets(id, targets);
  }

  record ChosenFolder(String folder) {}

  /** Chooses where the package's files are delivered; nothing for its own folder. */
  @PutMapping("/packages/{id}/delivery-folder")
  ChosenFolder deliverTo(@PathVariable long id, @RequestBody ChosenFolder wanted) {
    return new ChosenFolder(folders.choose(id, wanted.folder()).toString());
  }

  /** The overlay as a target shows it, on the target's frame; nothing is saved. */
  @OnlyComputes
  @PostMapping("/retargeted")
  Overlay retargeted(@RequestBody ToRetarget wanted) {
    Overlay there = Retargeting.of(wanted.overlay(), wanted.target().name());
    return Reframed.of(there, wanted.target().frame().of(there)).withForTargets(List.of());
  }

  /** What would be delivered of the overlays as they are saved. */
  @OnlyComputes
  @PostMapping("/packages/{id}/delivery-plan")
  List<PlanLine> plan(@PathVariable long id, @RequestBody ToPlan wanted) {
    String folder = plans.folder(id).toString();
    return plans.plan(id, wanted.overlays(), wanted.targets()).stream()
        .map(
            line ->
                new PlanLine(
                    line.entity().id(),
                    line.entity().name(),
                    line.file().target().name(),
                    line.file().problem(),
                    line.file().files(),
                    folder,
                    line.file().extent().width(),
                    line.file().extent().height(),
                    line.file().extent().left(),
                    line.file().extent().top(),
                    plans.replaces(id, line.file()),
                    line.standing(),
                    line.changes()))
        .toList();
  }
}
