package app.diaphan.core.font.shelf;

import app.diaphan.core.Digest;
import app.diaphan.core.font.AxisValue;
import app.diaphan.core.font.FontFace;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.FontKind;
import app.diaphan.core.font.file.FontFiles;
import java.awt.Font;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;

/** The font families an overlay can use, in the order in which they are offered. */
public final class FontShelf {
  private final Map<String, FontFamily> families = new LinkedHashMap<>();

  public FontShelf(List<FontFamily> families) {
    families.forEach(family -> this.families.put(family.name(), family));
  }

  /**
   * The same shelf with fonts of one's own before what is on it. A family of one's own takes the
   * place of one of the same name.
   *
   * @param contents gives the bytes of each of the files by its digest
   */
  public FontShelf with(List<FontFile> files, Function<String, byte[]> contents) {
    if (files.isEmpty()) {
      return this;
    }
    Map<String, List<OwnFace>> own = new LinkedHashMap<>();
    for (FontFile file : files) {
      for (FontFace face : file.faces()) {
        own.computeIfAbsent(face.family(), name -> new ArrayList<>())
            .add(new OwnFace(file, face, contents));
      }
    }
    List<FontFamily> all = new ArrayList<>();
    own.forEach((name, faces) -> all.add(family(name, faces)));
    families.values().stream().filter(family -> !own.containsKey(family.name())).forEach(all::add);
    return new FontShelf(all);
  }

  private record OwnFace(FontFile source, FontFace face, Function<String, byte[]> contents)
      implements FontSource {
    @Override
    public byte[] file(int weight, List<AxisValue> axes) {
      byte[] bytes = contents.apply(source.content());
      return FontFiles.settled(source.file(), bytes, face.index(), weight, axes);
    }

    @Override
    public byte[] raw(int weight) {
      return FontFiles.raw(source.file(), contents.apply(source.content()), face.index());
    }
  }

  /** Fonts that are not variable, each of one weight. */
  private record OwnFaces(List<OwnFace> faces) implements FontSource {
    @Override
    public byte[] file(int weight, List<AxisValue> axes) {
      return faces.stream()
          .min(Comparator.comparingInt(one -> one.face().distance(weight)))
          .orElseThrow()
          .file(weight, axes);
    }
  }

  private static FontFamily family(String name, List<OwnFace> faces) {
    TreeSet<String> made = new TreeSet<>();
    faces.forEach(one -> made.add(one.source().content() + " " + one.face().index()));
    String identity = Digest.of(String.join("\n", made).getBytes(StandardCharsets.UTF_8));
    // A variable font has all that single ones of the family could add.
    Optional<OwnFace> variable =
        faces.stream().filter(one -> !one.face().axes().isEmpty()).findFirst();
    if (variable.isPresent()) {
      OwnFace one = variable.get();
      return new FontFamily(
          name, one.face().kind(), identity, one.face().weights(), one.face().axes(), one);
    }
    return new FontFamily(
        name,
        faces.getFirst().face().kind(),
        identity,
        faces.stream().map(one -> one.face().weights().getFirst()).toList(),
        List.of(),
        new OwnFaces(faces));
  }

  public List<FontFamily> families() {
    return List.copyOf(families.values());
  }

  public Optional<FontFamily> find(String name) {
    return Optional.ofNullable(families.get(name));
  }

  /** What words are shown in whose family is not here: always the same one. */
  public FontFamily standIn() {
    return families.values().stream()
        .filter(family -> family.identity().isEmpty())
        .findFirst()
        .orElseGet(() -> families.values().iterator().next());
  }

  /** The first font on the shelf, other than the given one, that has this character. */
  public Optional<Font> fallback(int codePoint, int weight) {
    return families.values().stream()
        .filter(family -> family.kind() == FontKind.OTHER_SCRIPT)
        .map(family -> family.font(weight))
        .filter(font -> font.canDisplay(codePoint))
        .findFirst();
  }
}
