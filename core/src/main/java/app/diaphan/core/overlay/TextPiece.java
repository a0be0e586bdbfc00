package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Words, in one or more lines.
 *
 * @param runs stretches of words that are set alike, in order; at least one
 * @param paint what fills the letters of all runs that have no colour of their own
 * @param slots what rows of a roster fill in
 */
@RecordBuilder
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
    return TextPieceBuilder.builder(this).id(other).build();
  }

  @Override
  public TextPiece withName(String other) {
    return TextPieceBuilder.builder(this).name(other).build();
  }

  @Override
  public TextPiece withShown(boolean other) {
    return TextPieceBuilder.builder(this).shown(other).build();
  }

  @Override
  public TextPiece withPlace(Place other) {
    return TextPieceBuilder.builder(this).place(other).build();
  }

  public TextPiece withRuns(List<Run> other) {
    return TextPieceBuilder.builder(this).runs(other).build();
  }

  public TextPiece withBox(TextBox other) {
    return TextPieceBuilder.builder(this).box(other).build();
  }

  /** Other words, all set like the first run. */
  public TextPiece withWords(String other) {
    return withRuns(List.of(runs.getFirst().withWords(other)));
  }

  @Override
  public TextPiece withLook(Look other) {
    return TextPieceBuilder.builder(this).look(other).build();
  }

  @Override
  public TextPiece withPaint(Paint other) {
    return TextPieceBuilder.builder(this).paint(other).build();
  }

  @Override
  public TextPiece withSlots(List<Slot> other) {
    return TextPieceBuilder.builder(this).slots(other).build();
  }
}
