package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Words, in one or more lines.
 *
 * @param runs stretches of words that are set alike, in order; at least one
 * @param paint what fills the letters of all runs that have no colour of their own
 * @param slots what rows of a roster fill in
 */
public record TextPiece(
    String id,
    String name,
    boolean shown,
    boolean locked,
    Place place,
    List<Run> runs,
    TextSetting setting,
    TextBox box,
    Paint paint,
    Look look,
    List<Slot> slots)
    implements FilledPiece, WordedPiece {
  public static final int MOST_CHARACTERS = 5000;
  private static final int MOST_RUNS = 500;

  public TextPiece {
    PieceRules.check(id, name, place, look);
    Require.present(runs, "The runs of \"" + name + "\"");
    if (runs.isEmpty() || runs.size() > MOST_RUNS) {
      throw new InvalidInput(
          Sentence.of(
              "The text \"%s\" has %d runs; it needs 1 to %d.", name, runs.size(), MOST_RUNS));
    }
    int characters = runs.stream().mapToInt(run -> run.words().length()).sum();
    if (characters > MOST_CHARACTERS) {
      throw new InvalidInput(
          Sentence.of(
              "The words of \"%s\" have %d characters; a text holds at most %d. Split it into several.",
              name, characters, MOST_CHARACTERS));
    }
    Require.present(setting, "How \"" + name + "\" is set");
    Require.present(box, "The box of \"" + name + "\"");
    Require.present(paint, "The paint of \"" + name + "\"");
    runs = List.copyOf(runs);
    slots = SlotRules.checked(name, slots);
  }

  /** A piece with nothing left open. */
  public TextPiece(
      String id,
      String name,
      boolean shown,
      boolean locked,
      Place place,
      List<Run> runs,
      TextSetting setting,
      TextBox box,
      Paint paint,
      Look look) {
    this(id, name, shown, locked, place, runs, setting, box, paint, look, List.of());
  }

  @Override
  public String words() {
    return String.join("", stretches());
  }

  @Override
  public List<String> stretches() {
    return runs.stream().map(Run::words).toList();
  }

  @Override
  public TextPiece withStretches(UnaryOperator<String> other) {
    return withRuns(runs.stream().map(run -> run.withWords(other.apply(run.words()))).toList());
  }

  @Override
  public String kind() {
    return "text";
  }

  @Override
  public TextPiece withId(String other) {
    return new TextPiece(other, name, shown, locked, place, runs, setting, box, paint, look, slots);
  }

  @Override
  public TextPiece withName(String other) {
    return new TextPiece(id, other, shown, locked, place, runs, setting, box, paint, look, slots);
  }

  @Override
  public TextPiece withShown(boolean other) {
    return new TextPiece(id, name, other, locked, place, runs, setting, box, paint, look, slots);
  }

  @Override
  public TextPiece withPlace(Place other) {
    return new TextPiece(id, name, shown, locked, other, runs, setting, box, paint, look, slots);
  }

  public TextPiece withRuns(List<Run> other) {
    return new TextPiece(id, name, shown, locked, place, other, setting, box, paint, look, slots);
  }

  public TextPiece withBox(TextBox other) {
    return new TextPiece(id, name, shown, locked, place, runs, setting, other, paint, look, slots);
  }

  /** Other words, all set like the first run. */
  public TextPiece withWords(String other) {
    return withRuns(List.of(runs.getFirst().withWords(other)));
  }

  @Override
  public TextPiece withLook(Look other) {
    return new TextPiece(id, name, shown, locked, place, runs, setting, box, paint, other, slots);
  }

  @Override
  public TextPiece withPaint(Paint other) {
    return new TextPiece(id, name, shown, locked, place, runs, setting, box, other, look, slots);
  }

  @Override
  public TextPiece withSlots(List<Slot> other) {
    return new TextPiece(id, name, shown, locked, place, runs, setting, box, paint, look, other);
  }
}
