package app.diaphan.core.cue.handover;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.CueStill;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.check.CueChecks;
import app.diaphan.core.cue.check.CueFound;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.deliver.StoredSamples;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.ContactSheet;
import app.diaphan.core.screening.AlphaReading;
import app.diaphan.core.screening.ScreenedStill;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * All that an editor needs of a cue list: the stills, the time line in each open form, a contact
 * sheet with times and a README.
 */
public final class HandOver {
  static final String STILLS = "stills/";
  private static final int GREY = 128;

  private final CueList list;
  private final Map<StillId, Still> stills;
  private final Map<StillId, HandedStill> handed = new LinkedHashMap<>();
  private final Map<String, String> timeLines;
  private final List<CueFound> found;

  /**
   * A still with its file.
   *
   * @param sha256 of the file as it was delivered, in hex
   * @param reading of its alpha
   */
  public record Still(CueStill known, Path file, String sha256, AlphaReading reading) {}

  /** Where a hand-over goes. */
  public interface Destination {
    /**
     * @param name path within the hand-over, with slashes
     */
    void put(String name, Writing writing) throws IOException;

    /** Whether a file lies there already, in its own place. */
    default boolean has(String name, Path file) {
      return false;
    }
  }

  /** Writes one file. */
  @FunctionalInterface
  public interface Writing {
    void to(OutputStream out) throws IOException;
  }

  /**
   * Writes the time lines, and reads them back.
   *
   * @param stills with their files; those of the list that are not there are missing
   * @throws InvalidInput if the list has no cues, or something prevents a hand-over
   * @throws DeliveryFailed if a time line does not say what the list says
   */
  public HandOver(CueList list, Map<StillId, CueStill> known, Map<StillId, Still> stills) {
    this.list = list;
    this.stills = stills;
    if (list.cues().isEmpty()) {
      throw new InvalidInput(
          Sentence.of("\"%s\" has no cues; lay stills on its lanes first.", list.name()));
    }
    found = CueChecks.of(list, known::get);
    List<CueFound> preventing = found.stream().filter(CueFound::prevents).toList();
    if (!preventing.isEmpty()) {
      throw new InvalidInput(
          preventing.size() == 1
              ? "The list cannot be handed over yet. " + preventing.getFirst().sentence()
              : Sentence.of(
                  "The list cannot be handed over yet: %d things have to be mended. The first one: %s",
                  preventing.size(), preventing.getFirst().sentence()));
    }
    Set<String> names = new HashSet<>();
    for (Cue cue : list.cues()) {
      handed.computeIfAbsent(cue.still(), id -> handed(stills.get(id).known(), names));
    }
    timeLines = TimeLines.of(list, handed::get);
  }

  /** Two stills may have one name if they were delivered to two folders. */
  private static HandedStill handed(CueStill still, Set<String> names) {
    int dot = still.file().lastIndexOf('.');
    String stem = still.file().substring(0, dot);
    String extension = still.file().substring(dot);
    String name = still.file();
    for (int i = 2; !names.add(name.toLowerCase(Locale.ROOT)); i++) {
      name = stem + "-" + i + extension;
    }
    return new HandedStill(still.label(), name, STILLS + name);
  }

  /** Sentences on what an editor may wonder at, none of it preventing. */
  public List<String> notes() {
    return found.stream().map(CueFound::sentence).toList();
  }

  /** The names of all files, stills too. */
  public List<String> names() {
    List<String> names = new ArrayList<>();
    handed.values().forEach(still -> names.add(still.path()));
    names.addAll(List.of("contact-sheet.pdf", "README.txt"));
    names.addAll(timeLines.keySet());
    return names;
  }

  /**
   * Puts everything there, stills first and time lines last, so that these name nothing that is not
   * there.
   *
   * @param renderer that sets the words of the contact sheet
   * @throws DeliveryFailed if a still is no longer as it was delivered
   */
  public void to(Destination destination, Renderer renderer) throws IOException {
    for (Map.Entry<StillId, HandedStill> one : handed.entrySet()) {
      Still still = stills.get(one.getKey());
      if (destination.has(one.getValue().path(), still.file())) {
        requireUnchanged(still, Digest.of(still.file()));
      } else {
        destination.put(
            one.getValue().path(),
            out -> requireUnchanged(still, Digest.ofCopied(still.file(), out)));
      }
    }
    destination.put(
        "contact-sheet.pdf",
        out ->
            new ContactSheet(renderer)
                .write(list.name(), list.cues().stream().map(this::entry).toList(), out));
    destination.put(
        "README.txt",
        out -> out.write(bytes(HandOverReadme.of(list, handed::get, timeLines.keySet(), notes()))));
    for (Map.Entry<String, String> timeLine : timeLines.entrySet()) {
      destination.put(timeLine.getKey(), out -> out.write(bytes(timeLine.getValue())));
    }
  }

  private static void requireUnchanged(Still still, String sha256) {
    if (!sha256.equals(still.sha256())) {
      throw new DeliveryFailed(
          Sentence.of("%s is not as it was delivered; deliver it again.", still.known().file()));
    }
  }

  private ContactSheet.Entry entry(Cue cue) {
    Still still = stills.get(cue.still());
    return new ContactSheet.Entry(
        Sentence.of(
            "%s – %s   %s",
            list.clip().base().timecode(cue.from()),
            list.clip().base().timecode(cue.end()),
            still.known().label()),
        renderer -> ScreenedStill.of(StoredSamples.of(still.file()), still.reading()).over(GREY));
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
