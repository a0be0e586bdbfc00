package app.diaphan.core.targets;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.file.Extent;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Retargeting;
import app.diaphan.core.raster.Bounds;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What would be delivered, with every name, before anything is written. */
public final class DeliveryPlan {
  private final Deliverer deliverer;
  private final String packageName;
  private final LocalDate date;

  /**
   * @param date that names may hold
   */
  public DeliveryPlan(Deliverer deliverer, String packageName, LocalDate date) {
    this.deliverer = deliverer;
    this.packageName = packageName;
    this.date = date;
  }

  /**
   * An overlay to deliver.
   *
   * @param revision of which it is
   */
  public record Planned(Overlay overlay, int revision) {
    /**
     * What names of its file can hold.
     *
     * @param counter from 1, among the overlays of the delivery
     * @param left where a trimmed file lies on its frame, in pixels
     */
    NameValues values(
        String packageName, LocalDate date, NamedTarget at, int counter, int left, int top) {
      return new NameValues(
          packageName,
          overlay.name(),
          at.name(),
          at.of(overlay).frame(),
          revision,
          date,
          counter,
          RowName.NONE,
          left,
          top);
    }
  }

  /**
   * @return target by target, each with the overlays that are delivered there
   */
  public List<PlannedFile> of(List<Planned> overlays, List<NamedTarget> targets) {
    List<PlannedFile> files = new ArrayList<>();
    for (NamedTarget target : targets) {
      int counter = 0;
      for (int i = 0; i < overlays.size(); i++) {
        if (Retargeting.delivers(overlays.get(i).overlay(), target.name())) {
          counter++;
          files.add(planned(i, overlays.get(i), target, counter));
        }
      }
    }
    return withCollisions(files);
  }

  private PlannedFile planned(int place, Planned planned, NamedTarget named, int counter) {
    Overlay overlay = Retargeting.of(planned.overlay(), named.name());
    Target target = named.of(overlay);
    Bounds extent = extent(overlay, target);
    NameValues values =
        planned.values(packageName, date, named, counter, extent.left(), extent.top());
    String name = named.pattern().name(values);
    String problem = "";
    try {
      FileName.check(name);
    } catch (InvalidInput e) {
      problem = e.getMessage();
    }
    if (problem.isEmpty() && extent.empty()) {
      problem = "Nothing is drawn on this frame, so there is nothing to trim to.";
    }
    List<String> files = problem.isEmpty() ? target.file().fileNames(name) : List.of();
    return new PlannedFile(place, named, overlay, name, files, extent, problem);
  }

  private Bounds extent(Overlay overlay, Target target) {
    Frame frame = target.frame();
    return target.file().extent() instanceof Extent.WholeFrame
        ? new Bounds(0, 0, frame.width(), frame.height())
        : deliverer.extent(overlay, target).orElse(Bounds.EMPTY);
  }

  /** Two files of one name would replace each other; some computers do not tell A from a. */
  private static List<PlannedFile> withCollisions(List<PlannedFile> files) {
    Map<String, List<PlannedFile>> byName = new HashMap<>();
    for (PlannedFile file : files) {
      for (String name : file.files()) {
        byName.computeIfAbsent(name.toLowerCase(Locale.ROOT), n -> new ArrayList<>()).add(file);
      }
    }
    return files.stream()
        .map(
            file ->
                file.files().stream()
                    .map(name -> byName.get(name.toLowerCase(Locale.ROOT)))
                    .filter(same -> same.size() > 1)
                    .findFirst()
                    .map(same -> file.withProblem(collision(file, same)))
                    .orElse(file))
        .toList();
  }

  private static String collision(PlannedFile file, List<PlannedFile> same) {
    PlannedFile other = same.getFirst() == file ? same.get(1) : same.getFirst();
    return Sentence.of(
        "\"%s\" at \"%s\" would have the same file name as \"%s\" at \"%s\"; put {overlay} or {target} in the pattern.",
        file.overlay().name(), file.target().name(), other.overlay().name(), other.target().name());
  }
}
