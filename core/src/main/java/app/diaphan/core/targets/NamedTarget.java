package app.diaphan.core.targets;

import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Retargeting;
import java.util.List;
import java.util.function.Predicate;

/**
 * One of a package's ways of delivering its overlays.
 *
 * @param ifThere what is done with a file that has the name already
 */
public record NamedTarget(
    String name, TargetFrame frame, FileKind file, NamePattern pattern, IfThere ifThere) {
  private static final int LONGEST = 60;

  public NamedTarget {
    Names.check(name, LONGEST, "A target's name");
    Require.present(frame, Sentence.of("The frame of the target \"%s\"", name));
    Require.present(file, Sentence.of("The file of the target \"%s\"", name));
    Require.present(pattern, Sentence.of("The name pattern of the target \"%s\"", name))
        .withoutColumns();
    Require.present(ifThere, Sentence.of("What the target \"%s\" does with files", name));
  }

  NamedTarget named(String other) {
    return new NamedTarget(other, frame, file, pattern, ifThere);
  }

  /**
   * A planned name, or one with a number if files of that name are to stay.
   *
   * @param files full names, each beginning with the name
   * @param there whether a file of a name is there
   */
  public String freeName(String name, List<String> files, Predicate<String> there) {
    String free = name;
    for (int i = 2; ifThere == IfThere.KEEP_BESIDE && anyThere(free, name, files, there); i++) {
      free = name + "-" + i;
    }
    return free;
  }

  private static boolean anyThere(
      String other, String name, List<String> files, Predicate<String> there) {
    return files.stream().anyMatch(file -> there.test(other + file.substring(name.length())));
  }

  /** What an overlay is delivered as here. */
  public Target of(Overlay overlay) {
    return new Target(frame.of(overlay), Retargeting.file(overlay, name, file));
  }
}
