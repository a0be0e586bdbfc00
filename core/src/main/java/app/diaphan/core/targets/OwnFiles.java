package app.diaphan.core.targets;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.reframe.Retargeting;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * The files that overlays become by themselves, without rows, as far as their names are known
 * before anything is drawn: a name that says where a trimmed file lies is not.
 */
public final class OwnFiles {
  private final String packageName;
  private final LocalDate date;

  /**
   * @param date that names may hold
   */
  public OwnFiles(String packageName, LocalDate date) {
    this.packageName = packageName;
    this.date = date;
  }

  /** The files of an overlay at a target, with their extensions. */
  public record Named(String overlay, String target, List<String> files) {}

  /** All of a delivery of these overlays at these targets. */
  public List<Named> of(List<DeliveryPlan.Planned> overlays, List<NamedTarget> targets) {
    List<Named> named = new ArrayList<>();
    for (NamedTarget target : targets) {
      if (target.pattern().has(NameToken.LEFT) || target.pattern().has(NameToken.TOP)) {
        continue;
      }
      int counter = 0;
      for (DeliveryPlan.Planned planned : overlays) {
        if (Retargeting.delivers(planned.overlay(), target.name())) {
          counter++;
          named.add(named(planned, target, counter));
        }
      }
    }
    return named;
  }

  private Named named(DeliveryPlan.Planned planned, NamedTarget named, int counter) {
    String overlay = planned.overlay().name();
    try {
      String name = named.pattern().name(planned.values(packageName, date, named, counter, 0, 0));
      return new Named(overlay, named.name(), named.of(planned.overlay()).file().fileNames(name));
    } catch (InvalidInput e) {
      return new Named(overlay, named.name(), List.of()); // Its own plan says why.
    }
  }
}
