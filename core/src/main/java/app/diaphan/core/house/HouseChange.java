package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.FontFace;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.Families;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Kept;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.copy.Copies;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * From one state of a house to another, or from one house to another.
 *
 * @param before what is followed now
 * @param after what will be
 */
public record HouseChange(House before, House after) {

  /** The marks and textures by the names they have before, whose pictures are other ones after. */
  public Map<String, Pictured> otherPictures() {
    Map<String, Pictured> others = new LinkedHashMap<>();
    for (Pictured was : before.pictured()) {
      successor(was)
          .filter(now -> !now.picture().content().equals(was.picture().content()))
          .ifPresent(now -> others.put(was.name(), now));
    }
    return others;
  }

  /** Families of the house's own fonts that come from other files after, from none, or anew. */
  public Set<String> otherFamilies() {
    Map<String, Set<String>> was = filesByFamily(before);
    Map<String, Set<String>> is = filesByFamily(after);
    Set<String> others = new TreeSet<>(was.keySet());
    others.addAll(is.keySet());
    others.removeIf(family -> Objects.equals(was.get(family), is.get(family)));
    return others;
  }

  private static Map<String, Set<String>> filesByFamily(House house) {
    Map<String, Set<String>> files = new TreeMap<>();
    for (FontFile file : house.fontFiles()) {
      for (FontFace face : file.faces()) {
        files
            .computeIfAbsent(face.family(), family -> new TreeSet<>())
            .add(file.content() + " " + face.index());
      }
    }
    return files;
  }

  /** The mark or texture that takes the place of one that was there before. */
  public Optional<Pictured> successor(Pictured was) {
    return after.pictured(was.name());
  }

  /**
   * Whether an overlay is drawn otherwise after it, pictures aside.
   *
   * @param overlay as it is saved
   */
  public boolean touches(Overlay overlay) {
    return differ(before.dressed(overlay), after.dressed(overlay));
  }

  /**
   * Whether what an overlay is before and what it is after the change are drawn alike, pictures
   * aside.
   */
  public boolean differ(Overlay was, Overlay is) {
    Set<String> others = otherFamilies();
    return !Unnamed.of(was).equals(Unnamed.of(is))
        || !Collections.disjoint(Families.in(was.stack()), others);
  }

  /**
   * The overlay as it is before the change, kept away from it: what differs stays as it was until
   * it is brought along.
   *
   * @param overlay as it is saved
   * @throws InvalidInput if it is set in a font whose files are others after the change: a house
   *     has just one of a family
   */
  public Overlay keptAway(Overlay overlay) {
    Overlay now = before.dressed(overlay);
    Set<String> gone = new TreeSet<>(Families.in(now.stack()));
    gone.retainAll(otherFamilies());
    if (!gone.isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is set in %s, whose files change, and cannot be kept away from that. Bring it along, or give it another font first.",
              overlay.name(), String.join(" and ", gone)));
    }
    House seen = before.seenBy(overlay);
    Map<Object, Kept> kept = new LinkedHashMap<>();
    overlay.kept().forEach(one -> kept.put(key(one), one));
    for (Kept one : differing(now, seen)) {
      kept.putIfAbsent(key(one), one);
    }
    return now.withKept(List.copyOf(kept.values()));
  }

  private record Key(Class<?> kind, String name) {}

  private static Object key(Kept kept) {
    return new Key(kept.getClass(), kept.name());
  }

  /** The same overlay brought along again: it follows all that it follows. */
  public static Overlay broughtAlong(Overlay overlay) {
    return overlay.withKept(List.of());
  }

  private List<Kept> differing(Overlay now, House seen) {
    List<Kept> kept = new ArrayList<>();
    Map<String, Colour> worn = new LinkedHashMap<>();
    Pieces.all(now.stack())
        .flatMap(piece -> Colours.of(piece).stream())
        .filter(colour -> !colour.name().isEmpty())
        .forEach(colour -> worn.putIfAbsent(colour.name(), colour));
    worn.forEach(
        (name, last) ->
            after
                .colour(name)
                .ifPresent(
                    later -> {
                      HouseColour own =
                          seen.colour(name)
                              .orElseGet(() -> HouseColour.of(name, last.withAlpha(255)));
                      if (!sameValues(own, later)) {
                        kept.add(new Kept.KeptColour(later.name(), own.light(), own.dark()));
                      }
                    }));
    followedSets(now)
        .forEach(
            name ->
                seen.finishSet(name)
                    .filter(
                        own ->
                            after.finishSet(name).filter(later -> !later.equals(own)).isPresent())
                    .ifPresent(
                        own -> kept.add(new Kept.KeptFinishes(name, own.lines(), own.finishes()))));
    followedFonts(now)
        .forEach(
            (name, family) ->
                after
                    .font(name)
                    .filter(later -> !later.family().equals(family))
                    .ifPresent(later -> kept.add(new Kept.KeptFont(later.name(), family))));
    Copies.in(now.stack())
        .map(CopyOf.OfOriginal::original)
        .distinct()
        .forEach(
            name ->
                seen.original(name)
                    .ifPresent(
                        own ->
                            after
                                .original(name)
                                .filter(later -> !later.lookingAs(own) || showsOther(own))
                                .ifPresent(
                                    later ->
                                        kept.add(
                                            new Kept.KeptOriginal(
                                                later.name(), own.lines(), own.group())))));
    return kept;
  }

  /** Whether it shows a mark or a texture that is another one after the change. */
  private boolean showsOther(HouseOriginal original) {
    Set<String> others = otherPictures().keySet();
    return original.pictures().stream()
        .anyMatch(
            shown ->
                before
                    .pictured(shown.follows())
                    .map(Known::name)
                    .filter(others::contains)
                    .isPresent());
  }

  private static boolean sameValues(HouseColour one, HouseColour other) {
    return one.light().equals(other.light()) && one.dark().equals(other.dark());
  }

  private static Set<String> followedSets(Overlay overlay) {
    return Pieces.all(overlay.stack())
        .map(piece -> piece.look().follows())
        .filter(name -> !name.isEmpty())
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private static Map<String, String> followedFonts(Overlay overlay) {
    Map<String, String> fonts = new LinkedHashMap<>();
    Pieces.all(overlay.stack())
        .filter(TextPiece.class::isInstance)
        .flatMap(piece -> ((TextPiece) piece).runs().stream())
        .filter(run -> !run.follows().isEmpty())
        .forEach((Run run) -> fonts.putIfAbsent(run.follows(), run.family()));
    return fonts;
  }

  /**
   * A copy that going back does not bring back, since what it had of its own became its original's.
   *
   * @param back what going back makes of it
   * @param was what it is before the change
   */
  public record Overwritten(GroupPiece back, GroupPiece was) {}

  /**
   * Copies of an overlay that would not be as they were after the change and its undoing.
   *
   * @param overlay as it is saved
   */
  public List<Overwritten> overwritten(Overlay overlay) {
    Overlay was = before.dressed(overlay);
    Overlay back = before.dressed(after.dressed(was));
    if (back.equals(was)) {
      return List.of();
    }
    List<Overwritten> all = new ArrayList<>();
    addOverwritten(was.stack(), back, all);
    return all;
  }

  private static void addOverwritten(List<Piece> stack, Overlay back, List<Overwritten> all) {
    for (Piece piece : stack) {
      if (piece instanceof GroupPiece group
          && Pieces.find(back.stack(), group.id()).orElse(group) instanceof GroupPiece now
          && !now.equals(group)) {
        if (group.copyOf() instanceof CopyOf.OfOriginal) {
          all.add(new Overwritten(now, group));
        } else {
          addOverwritten(group.stack(), back, all);
        }
      }
    }
  }
}
