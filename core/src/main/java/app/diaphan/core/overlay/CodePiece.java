package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.code.Correction;
import app.diaphan.core.code.Modules;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.SlotRules;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A code to scan with a camera: a square ground with dark modules on it.
 *
 * @param words what it says: most often an address to open
 * @param side of the ground, in display units
 * @param rim how many modules wide the ground reaches beyond the code on all sides
 * @param ink what the dark modules are drawn in
 * @param paint what fills the ground; nothing of it is drawn if it is clear
 * @param slots what rows of a roster fill in
 */
@RecordBuilder
public record CodePiece(
    String id,
    String name,
    boolean shown,
    boolean locked,
    Place place,
    String words,
    Correction correction,
    double side,
    int rim,
    Colour ink,
    Paint paint,
    Look look,
    List<Slot> slots)
    implements FilledPiece, SizedPiece, WordedPiece {
  public static final int WIDEST_RIM = 20;

  public CodePiece {
    PieceRules.check(id, name, place, look);
    Require.present(words, "What \"" + name + "\" says");
    if (words.length() > Modules.MOST_CHARACTERS) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" says %d characters; a code holds at most %d. Shorten them.",
              name, words.length(), Modules.MOST_CHARACTERS));
    }
    Require.present(correction, "The correction of \"" + name + "\"");
    PieceRules.checkSize(name, side, side);
    Require.between(0, WIDEST_RIM, rim, "The rim of \"" + name + "\"");
    Require.present(ink, "The ink of \"" + name + "\"");
    Require.present(paint, "The paint of \"" + name + "\"");
    slots = SlotRules.checked(name, slots);
  }

  @Override
  public String kind() {
    return "code";
  }

  @Override
  public double width() {
    return side;
  }

  @Override
  public double height() {
    return side;
  }

  @Override
  public boolean square() {
    return true;
  }

  @Override
  public List<String> stretches() {
    return List.of(words);
  }

  @Override
  public CodePiece withId(String other) {
    return CodePieceBuilder.builder(this).id(other).build();
  }

  @Override
  public CodePiece withName(String other) {
    return CodePieceBuilder.builder(this).name(other).build();
  }

  @Override
  public CodePiece withShown(boolean other) {
    return CodePieceBuilder.builder(this).shown(other).build();
  }

  @Override
  public CodePiece withPlace(Place other) {
    return CodePieceBuilder.builder(this).place(other).build();
  }

  @Override
  public CodePiece withStretches(UnaryOperator<String> other) {
    return CodePieceBuilder.builder(this).words(other.apply(words)).build();
  }

  /** As large as it goes into these. */
  @Override
  public CodePiece withSize(double otherWidth, double otherHeight) {
    double other = Math.min(otherWidth, otherHeight);
    return new CodePiece(
        id, name, shown, locked, place, words, correction, other, rim, ink, paint, look, slots);
  }

  public CodePiece withInk(Colour other) {
    return CodePieceBuilder.builder(this).ink(other).build();
  }

  @Override
  public CodePiece withPaint(Paint other) {
    return CodePieceBuilder.builder(this).paint(other).build();
  }

  @Override
  public CodePiece withLook(Look other) {
    return CodePieceBuilder.builder(this).look(other).build();
  }

  @Override
  public CodePiece withSlots(List<Slot> other) {
    return CodePieceBuilder.builder(this).slots(other).build();
  }
}
