package app.diaphan.core.house;

import app.diaphan.core.Names;
import app.diaphan.core.font.FontFile;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;

/** Says in words what is another in a house. */
public final class HouseDifferences {
  private static final int LONGEST = 400;

  private HouseDifferences() {}

  /** One sentence, or several; "Nothing was changed." where nothing was. */
  public static String between(House before, House after) {
    List<String> said = new ArrayList<>();
    if (!before.name().equals(after.name())) {
      said.add("The house is named \"" + after.name() + "\".");
    }
    add(said, before.colours(), after.colours(), "");
    add(said, before.fonts(), after.fonts(), "The font ");
    addFiles(said, before.fontFiles(), after.fontFiles());
    add(said, before.marks(), after.marks(), "The mark ");
    add(said, before.textures(), after.textures(), "The texture ");
    addSets(said, before.finishSets(), after.finishSets());
    add(said, before.originals(), after.originals(), "The original ");
    if (!before.ownMargin().equals(after.ownMargin())) {
      said.add("The margin was changed.");
    }
    if (!before.targets().equals(after.targets())) {
      said.add("The targets were changed.");
    }
    return said.isEmpty()
        ? "Nothing was changed."
        : Names.shortened(String.join(" ", said), LONGEST);
  }

  private static <T extends Known> void add(
      List<String> said, List<T> before, List<T> after, String kind) {
    Set<T> left = new HashSet<>(before);
    for (T now : after) {
      Optional<T> was =
          before.stream()
              .filter(one -> one.name().equals(now.name()))
              .findFirst()
              .or(
                  () ->
                      before.stream()
                          .filter(one -> now.formerly().contains(one.name()))
                          .findFirst());
      was.ifPresent(left::remove);
      String name = kind + "\"" + now.name() + "\"";
      if (was.isEmpty()) {
        said.add(name + " was added.");
      } else if (!was.get().name().equals(now.name())) {
        said.add(kind + "\"" + was.get().name() + "\" is named \"" + now.name() + "\".");
      } else if (!was.get().equals(now)) {
        said.add(name + " was changed.");
      }
    }
    before.stream()
        .filter(left::contains)
        .forEach(one -> said.add(kind + "\"" + one.name() + "\" was taken away."));
  }

  private static void addFiles(List<String> said, List<FontFile> before, List<FontFile> after) {
    for (FontFile now : after) {
      Optional<FontFile> was =
          before.stream().filter(one -> one.file().equals(now.file())).findFirst();
      if (was.isEmpty()) {
        said.add("The font file \"" + now.file() + "\" was added.");
      } else if (!was.get().equals(now)) {
        said.add("The font file \"" + now.file() + "\" was changed.");
      }
    }
    before.stream()
        .filter(one -> after.stream().noneMatch(now -> now.file().equals(one.file())))
        .forEach(one -> said.add("The font file \"" + one.file() + "\" was taken away."));
  }

  private static void addSets(List<String> said, List<FinishSet> before, List<FinishSet> after) {
    BiPredicate<List<FinishSet>, FinishSet> has =
        (sets, set) -> sets.stream().anyMatch(one -> one.name().equals(set.name()));
    for (FinishSet now : after) {
      if (!has.test(before, now)) {
        said.add("The finish set \"" + now.name() + "\" was added.");
      } else if (!before.contains(now)) {
        said.add("The finish set \"" + now.name() + "\" was changed.");
      }
    }
    before.stream()
        .filter(one -> !has.test(after, one))
        .forEach(one -> said.add("The finish set \"" + one.name() + "\" was taken away."));
  }
}
