package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.finish.Finish;
import java.util.List;

/**
 * Something of the house as it was before a change that an overlay was kept away from. The overlay
 * still follows it by name and can be brought along later.
 */
public sealed interface Kept {
  /** By which the house knows it. */
  String name();

  record KeptColour(String name, Colour light, Colour dark) implements Kept {
    public KeptColour {
      Names.check(name, Colour.LONGEST_NAME, "A colour's name");
      Require.present(light, "The light value of the colour \"" + name + "\"");
      Require.present(dark, "The dark value of the colour \"" + name + "\"");
    }
  }

  /**
   * @param lines the shorter side of the frame that the lengths were made for, in display units
   */
  record KeptFinishes(String name, double lines, List<Finish> finishes) implements Kept {
    public KeptFinishes {
      Names.check(name, 60, "A finish set's name");
      Require.between(1, 100_000, lines, "The lines of the finish set \"" + name + "\"");
      Require.present(finishes, "The finishes of the set \"" + name + "\"");
      finishes = List.copyOf(finishes);
    }
  }

  record KeptFont(String name, String family) implements Kept {
    public KeptFont {
      Names.check(name, 60, "The name of a house's font");
      Require.present(family, "The family of the font \"" + name + "\"");
    }
  }

  /**
   * @param lines the shorter side of the frame that the original was made on, in display units
   */
  record KeptOriginal(String name, double lines, GroupPiece group) implements Kept {
    public KeptOriginal {
      Names.check(name, 60, "The name of an original");
      Require.between(1, 100_000, lines, "The lines of the original \"" + name + "\"");
      Require.present(group, "The pieces of the original \"" + name + "\"");
    }
  }

  /** More than any house has. */
  int MOST = 500;

  /**
   * @throws InvalidInput if there are too many, or one kind has a name twice
   */
  static List<Kept> checked(List<Kept> kept) {
    Require.present(kept, "What the overlay was kept away from");
    if (kept.size() > MOST) {
      throw new InvalidInput(Sentence.of("An overlay keeps at most %d things of its house.", MOST));
    }
    long different =
        kept.stream().map(one -> one.getClass().getSimpleName() + one.name()).distinct().count();
    if (different < kept.size()) {
      throw new InvalidInput("The overlay says twice how something of its house was.");
    }
    return List.copyOf(kept);
  }
}
