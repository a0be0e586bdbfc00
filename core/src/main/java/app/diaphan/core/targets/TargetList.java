package app.diaphan.core.targets;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.file.FileKind;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The targets of a package, in the order in which they are delivered. */
public record TargetList(List<NamedTarget> targets) {
  private static final int MOST = 30;

  /** What a package starts with: every overlay as it is designed. */
  public static final TargetList AS_DESIGNED =
      new TargetList(
          List.of(
              new NamedTarget(
                  "As designed",
                  TargetFrame.OF_OVERLAY,
                  FileKind.png(),
                  new NamePattern("{overlay}"),
                  IfThere.REPLACE)));

  public TargetList {
    Require.present(targets, "The targets of the package");
    if (targets.isEmpty() || targets.size() > MOST) {
      throw new InvalidInput(Sentence.of("A package has 1 to %d targets.", MOST));
    }
    targets = List.copyOf(targets);
    for (NamedTarget target : targets) {
      long same =
          targets.stream().filter(one -> one.name().equalsIgnoreCase(target.name())).count();
      if (same > 1) {
        throw new InvalidInput(
            Sentence.of("Two targets are named \"%s\"; give one another name.", target.name()));
      }
    }
  }

  /**
   * The targets that have only another name in a later list: names before, with names after. What
   * is said of them elsewhere follows.
   */
  public Map<String, String> renamedIn(TargetList later) {
    Map<String, String> renamed = new HashMap<>();
    for (int i = 0; i < targets.size() && targets.size() == later.targets.size(); i++) {
      NamedTarget before = targets.get(i);
      NamedTarget after = later.targets.get(i);
      boolean same = before.named(after.name()).equals(after);
      if (same && later.find(before.name()).isEmpty() && find(after.name()).isEmpty()) {
        renamed.put(before.name(), after.name());
      }
    }
    return renamed;
  }

  public Optional<NamedTarget> find(String name) {
    return targets.stream().filter(target -> target.name().equals(name)).findFirst();
  }

  /**
   * @throws InvalidInput if there is no such target
   */
  public NamedTarget get(String name) {
    return find(name)
        .orElseThrow(
            () ->
                new InvalidInput(
                    Sentence.of(
                        "The package has no target \"%s\"; it has %s.",
                        name, targets.stream().map(NamedTarget::name).toList())));
  }
}
