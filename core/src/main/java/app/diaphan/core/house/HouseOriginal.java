package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.copy.Copies;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Pieces kept in the library of a house, of which copies are laid on overlays and follow it there.
 *
 * @param lines the shorter side of the frame that it was made on, in display units
 * @param group the pieces; a piece by itself lies in a group alone. Where it lies says nothing
 * @param pictures that its pieces show
 */
@RecordBuilder
public record HouseOriginal(
    String name,
    List<String> formerly,
    double lines,
    GroupPiece group,
    List<OriginalPicture> pictures)
    implements Known {
  private static final int MOST_PIECES = 200;

  public HouseOriginal {
    formerly = Known.checkedNames(name, formerly, "original");
    Require.between(1, 100_000, lines, "The lines of the original \"" + name + "\"");
    Require.present(group, "The pieces of the original \"" + name + "\"");
    Require.present(pictures, "The pictures of the original \"" + name + "\"");
    group = group.withCopyOf(CopyOf.NOTHING);
    // Pieces that no overlay could hold are not kept.
    new Overlay(name, Frame.of(1920, 1080), List.of(group));
    int pieces = (int) Pieces.all(group.stack()).count();
    if (pieces == 0 || pieces > MOST_PIECES) {
      throw new InvalidInput(
          Sentence.of(
              "The original \"%s\" has %d pieces; one has 1 to %d.", name, pieces, MOST_PIECES));
    }
    Set<String> shown = PictureNames.in(List.of(group));
    pictures = pictures.stream().filter(picture -> shown.contains(picture.name())).toList();
    if (pictures.stream().map(OriginalPicture::name).distinct().count() < pictures.size()) {
      throw new InvalidInput(
          Sentence.of("The original \"%s\" says twice what one of its pictures is.", name));
    }
  }

  /** A copy of it, under its own ids, for a frame like its own. */
  public GroupPiece copy() {
    return Copies.asCopy(name, lines, group);
  }

  /** Names of pictures that its pieces show and of which it has none. */
  public Set<String> missingPictures() {
    Set<String> missing = new TreeSet<>(PictureNames.in(List.of(group)));
    pictures.forEach(picture -> missing.remove(picture.name()));
    return missing;
  }

  /** Names of the originals that it has copies of in it. */
  Set<String> follows() {
    return Copies.in(group.stack())
        .map(CopyOf.OfOriginal::original)
        .collect(Collectors.toCollection(TreeSet::new));
  }

  /** Whether copies of both are alike. */
  boolean lookingAs(HouseOriginal other) {
    return lines == other.lines && group.equals(other.group);
  }

  HouseOriginal with(double otherLines, GroupPiece other) {
    return HouseOriginalBuilder.builder(this).lines(otherLines).group(other).build();
  }

  HouseOriginal with(GroupPiece other, Collection<OriginalPicture> otherPictures) {
    return HouseOriginalBuilder.builder(this)
        .group(other)
        .pictures(List.copyOf(otherPictures))
        .build();
  }

  HouseOriginal withFormerly(List<String> other) {
    return HouseOriginalBuilder.builder(this).formerly(other).build();
  }

  /** The same with other names for its pictures; one that is not among them keeps its own. */
  HouseOriginal namingPictures(Map<OriginalPicture, String> names) {
    Map<String, String> changed =
        pictures.stream()
            .filter(names::containsKey)
            .collect(Collectors.toMap(OriginalPicture::name, names::get));
    return changed.isEmpty()
        ? this
        : new HouseOriginal(
            name,
            formerly,
            lines,
            (GroupPiece) PictureNames.replaced(List.<Piece>of(group), changed).getFirst(),
            List.copyOf(
                OriginalPicture.byName(
                        pictures.stream()
                            .map(one -> one.named(changed.getOrDefault(one.name(), one.name()))))
                    .values()));
  }
}
