package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.frame.DisplayUnits;

/** What holds for every kind of piece. */
final class PieceRules {

  private PieceRules() {}

  static void check(String id, String name, Place place, Look look) {
    checkId(id);
    Require.present(name, "The name of piece " + id);
    Names.checkSeen(name, "The name of piece " + id);
    Require.present(place, "The place of piece \"" + name + "\"");
    Require.present(look, "The look of \"" + name + "\"");
  }

  static void checkId(String id) {
    if (id == null || !id.matches("[A-Za-z0-9_-]{1,64}")) {
      throw new InvalidInput(
          Sentence.of("A piece's id \"%s\" has to be 1 to 64 letters, digits, - or _.", id));
    }
  }

  static void checkSize(String name, double width, double height) {
    Require.between(0.1, DisplayUnits.MOST, width, "The width of \"" + name + "\"");
    Require.between(0.1, DisplayUnits.MOST, height, "The height of \"" + name + "\"");
  }
}
