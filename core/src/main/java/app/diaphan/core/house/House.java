package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.frame.OwnMargin;
import app.diaphan.core.overlay.Kept;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.dress.Dress;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.TargetList;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A brand, which packages follow.
 *
 * @param colours in the order in which they are offered
 * @param fonts what it uses families for
 * @param fontFiles fonts of its own
 * @param marks with what may not be done to them
 * @param textures pictures that fill faces
 * @param ownMargin the margin lines that new overlays start with
 * @param finishSets finishes that pieces follow by name
 * @param targets ways of delivering that packages can take
 * @param originals the library: pieces that copies follow
 */
@RecordBuilder
public record House(
    String name,
    List<HouseColour> colours,
    List<HouseFont> fonts,
    List<FontFile> fontFiles,
    List<HouseMark> marks,
    List<HouseTexture> textures,
    OwnMargin ownMargin,
    List<FinishSet> finishSets,
    List<NamedTarget> targets,
    List<HouseOriginal> originals)
    implements HouseBuilder.With {
  /** Characters. */
  public static final int LONGEST_NAME = 120;

  private static final int MOST_COLOURS = 60;
  private static final int MOST_FONTS = 20;
  private static final int MOST_PICTURES = 40;
  private static final int MOST_SETS = 60;

  public House {
    Names.check(name, LONGEST_NAME, "A house's name");
    colours = Known.checked(colours, MOST_COLOURS, "colours");
    fonts = Known.checked(fonts, MOST_FONTS, "fonts");
    fontFiles = FontFileChecks.checked(fontFiles);
    marks = Known.checked(marks, MOST_PICTURES, "marks");
    textures = Known.checked(textures, MOST_PICTURES, "textures");
    originals = Library.checked(originals);
    checkPictures(marks, textures);
    checkFiles(marks, textures, originals);
    Require.present(ownMargin, "The own margin of the house");
    Require.present(finishSets, "The finish sets of the house");
    if (finishSets.size() > MOST_SETS) {
      throw new InvalidInput(
          Sentence.of("A house keeps at most %d finish sets; take one away first.", MOST_SETS));
    }
    if (finishSets.stream().map(FinishSet::name).distinct().count() < finishSets.size()) {
      throw new InvalidInput("Two finish sets have the same name; give one another.");
    }
    Require.present(targets, "The targets of the house");
    if (!targets.isEmpty()) {
      targets = new TargetList(targets).targets();
    }
    List<HouseColour> own = colours;
    finishSets = finishSets.stream().map(set -> inLight(set, own)).toList();
  }

  /** What a set shows is never older than the house it is in. */
  private static FinishSet inLight(FinishSet set, List<HouseColour> colours) {
    return new FinishSet(
        set.name(),
        set.lines(),
        set.finishes().stream()
            .map(
                finish ->
                    finish.recoloured(
                        colour ->
                            colour.name().isEmpty()
                                ? colour
                                : Known.find(colours, colour.name())
                                    .map(one -> one.wornBy(colour, Dress.LIGHT))
                                    .orElse(colour)))
            .toList());
  }

  /** A house with nothing in it yet. */
  public static House named(String name) {
    return new House(
        name,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        OwnMargin.NONE,
        List.of(),
        List.of(),
        List.of());
  }

  /** What a package without a house follows. */
  public static final House NONE = named("No house");

  /** Packages know pictures by what they are of. */
  private static void checkPictures(List<HouseMark> marks, List<HouseTexture> textures) {
    List<Pictured> all = new ArrayList<>(marks);
    all.addAll(textures);
    for (int i = 0; i < all.size(); i++) {
      for (Pictured other : all.subList(0, i)) {
        if (same(all.get(i).name(), other.name())) {
          throw new InvalidInput(
              Sentence.of(
                  "A mark and a texture of the house are both named \"%s\"; give one another name.",
                  other.name()));
        }
      }
    }
  }

  /** Bundles keep pictures by their files' names. */
  private static void checkFiles(
      List<HouseMark> marks, List<HouseTexture> textures, List<HouseOriginal> originals) {
    Map<String, HousePicture> files = new HashMap<>();
    for (HousePicture picture : pictures(marks, textures, originals)) {
      HousePicture other = files.putIfAbsent(picture.file().toLowerCase(Locale.ROOT), picture);
      if (other != null && !other.content().equals(picture.content())) {
        throw new InvalidInput(
            Sentence.of(
                "Two pictures of the house have the file name \"%s\"; rename one file.",
                other.file()));
      }
    }
  }

  private static List<HousePicture> pictures(
      List<HouseMark> marks, List<HouseTexture> textures, List<HouseOriginal> originals) {
    List<HousePicture> all = new ArrayList<>();
    marks.forEach(mark -> all.add(mark.picture()));
    textures.forEach(texture -> all.add(texture.picture()));
    originals.forEach(
        original -> original.pictures().forEach(picture -> all.add(picture.picture())));
    return all;
  }

  private static boolean same(String one, String other) {
    return one.toLowerCase(Locale.ROOT).equals(other.toLowerCase(Locale.ROOT));
  }

  /** Whether there is nothing in it that a package could follow or take. */
  public boolean empty() {
    return equals(named(name));
  }

  public Optional<HouseColour> colour(String called) {
    return Known.find(colours, called);
  }

  public Optional<HouseFont> font(String called) {
    return Known.find(fonts, called);
  }

  public Optional<HouseMark> mark(String called) {
    return Known.find(marks, called);
  }

  public Optional<FinishSet> finishSet(String called) {
    return finishSets.stream().filter(set -> set.name().equals(called)).findFirst();
  }

  /** Its marks and textures. */
  public List<Pictured> pictured() {
    List<Pictured> all = new ArrayList<>(marks);
    all.addAll(textures);
    return all;
  }

  /** The pictures of its marks, textures and originals; one that several have several times. */
  public List<HousePicture> pictures() {
    return pictures(marks, textures, originals);
  }

  public Optional<HouseOriginal> original(String called) {
    return Known.find(originals, called);
  }

  /** The one that has just this name now, whichever letters are large. */
  public Optional<HouseOriginal> originalNamed(String called) {
    return originals.stream().filter(one -> one.name().equalsIgnoreCase(called)).findFirst();
  }

  /** The mark or texture of this name. */
  public Optional<Pictured> pictured(String called) {
    return Known.find(pictured(), called);
  }

  /** With an original in the place of the one of its name, or behind all others. */
  public House withOriginal(HouseOriginal original) {
    List<HouseOriginal> all = new ArrayList<>(originals);
    int at = originalNamed(original.name()).map(all::indexOf).orElse(all.size());
    if (at < all.size()) {
      all.set(at, original);
    } else {
      all.add(original);
    }
    return withOriginals(all);
  }

  /** The house as a package knows it that has the pictures of its originals by other names. */
  public House namingPictures(Map<OriginalPicture, String> names) {
    return names.isEmpty()
        ? this
        : withOriginals(originals.stream().map(one -> one.namingPictures(names)).toList());
  }

  /**
   * The house with what its originals have of it as it is, and of each other. All of them know
   * pictures by the names of the house's files then.
   */
  public House upToDate() {
    if (originals.isEmpty()) {
      return this;
    }
    Map<String, String> files = new HashMap<>();
    pictures().forEach(picture -> files.putIfAbsent(picture.content(), picture.file()));
    House showing =
        withOriginals(
            originals.stream()
                .map(one -> one.with(one.group(), one.pictures().stream().map(this::now).toList()))
                .toList());
    Map<OriginalPicture, String> names = new HashMap<>();
    for (HouseOriginal one : showing.originals) {
      one.pictures().forEach(shown -> names.put(shown, files.get(shown.picture().content())));
    }
    House named = showing.namingPictures(names);
    Map<String, OriginalPicture> all =
        OriginalPicture.byName(named.originals.stream().flatMap(one -> one.pictures().stream()));
    Dressing dressing = new Dressing(named, Dress.LIGHT);
    return withOriginals(
        named.originals.stream()
            .map(one -> one.with(dressing.original(one), all.values()))
            .toList());
  }

  /**
   * An original as it is laid on an overlay: in the values of the house that the overlay sees, in
   * its dress.
   *
   * @param called its name
   */
  public Optional<HouseOriginal> originalFor(Overlay overlay, String called) {
    House seen = seenBy(overlay);
    Dressing dressing = new Dressing(seen, overlay.dress());
    return seen.original(called).map(one -> one.with(one.lines(), dressing.original(one)));
  }

  /** A picture that follows a mark shows what the mark does. */
  private OriginalPicture now(OriginalPicture shown) {
    return pictured(shown.follows())
        .map(mark -> new OriginalPicture(shown.name(), mark.name(), mark.picture()))
        .orElse(shown);
  }

  /**
   * The same, which also knows its things by the names that they have in a later state of it: what
   * follows them by those finds them when the change is taken back.
   */
  public House knowingNamesOf(House later) {
    return withColours(
            colours.stream()
                .map(
                    one ->
                        new HouseColour(
                            one.name(),
                            Known.withName(one, colours, later.colours),
                            one.role(),
                            one.light(),
                            one.dark()))
                .toList())
        .withFonts(
            fonts.stream()
                .map(
                    one ->
                        new HouseFont(
                            one.name(), Known.withName(one, fonts, later.fonts), one.family()))
                .toList())
        .withMarks(
            marks.stream()
                .map(
                    one ->
                        new HouseMark(
                            one.name(),
                            Known.withName(one, marks, later.marks),
                            one.picture(),
                            one.clearSpace(),
                            one.leastHeight(),
                            one.colours()))
                .toList())
        .withTextures(
            textures.stream()
                .map(
                    one ->
                        new HouseTexture(
                            one.name(),
                            Known.withName(one, textures, later.textures),
                            one.picture()))
                .toList())
        .withOriginals(
            originals.stream()
                .map(one -> one.withFormerly(Known.withName(one, originals, later.originals)))
                .toList());
  }

  /** The house as an overlay sees it that was kept away from some of its changes. */
  public House seenBy(Overlay overlay) {
    House seen = this;
    for (Kept kept : overlay.kept()) {
      seen = seen.with(kept);
    }
    return seen;
  }

  private House with(Kept kept) {
    return switch (kept) {
      case Kept.KeptColour was ->
          colour(was.name())
              .map(
                  now ->
                      withColours(
                          exchanged(
                              colours,
                              now,
                              new HouseColour(
                                  now.name(),
                                  now.formerly(),
                                  now.role(),
                                  was.light(),
                                  was.dark()))))
              .orElse(this);
      case Kept.KeptFinishes was ->
          finishSet(was.name())
              .map(
                  now ->
                      withFinishSets(
                          exchanged(
                              finishSets,
                              now,
                              new FinishSet(was.name(), was.lines(), was.finishes()))))
              .orElse(this);
      case Kept.KeptFont was ->
          font(was.name())
              .map(
                  now ->
                      withFonts(
                          exchanged(
                              fonts, now, new HouseFont(now.name(), now.formerly(), was.family()))))
              .orElse(this);
      case Kept.KeptOriginal was -> original(was.name()).map(now -> with(was, now)).orElse(this);
    };
  }

  private House with(Kept.KeptOriginal was, HouseOriginal now) {
    try {
      return withOriginals(exchanged(originals, now, now.with(was.lines(), was.group())));
    } catch (InvalidInput circle) {
      // What it follows has a copy of it by now; it cannot be kept as it was then.
      return this;
    }
  }

  private static <T> List<T> exchanged(List<T> all, T before, T after) {
    return all.stream().map(one -> one.equals(before) ? after : one).toList();
  }

  /**
   * The overlay with the present colours, fonts and finishes on all that follows the house, in the
   * dress it wears. What follows something that is no longer there keeps what it had.
   */
  public Overlay dressed(Overlay overlay) {
    return new Dressing(seenBy(overlay), overlay.dress()).dressed(overlay);
  }

  /** The overlay in the dress of the house that it does not wear. */
  public Overlay inOtherDress(Overlay overlay) {
    return dressed(overlay.withDress(overlay.dress().other()));
  }

  /**
   * The overlay in other finishes: those of a set on all pieces that follow one, or on all that
   * stand by themselves if none does.
   *
   * @param set the name of the set
   * @throws InvalidInput if there is no such set
   */
  public Overlay inFinishes(Overlay overlay, String set) {
    FinishSet wanted =
        finishSet(set)
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "The house has no finish set \"%s\"; it has %s.",
                            set, finishSets.stream().map(FinishSet::name).toList())));
    return new Dressing(seenBy(overlay), overlay.dress()).in(wanted, overlay);
  }
}
