package app.diaphan.core.file;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;

/** How what is drawn and how solid it is are carried by files. */
public sealed interface Carried {
  /** One file with colours as they are and an alpha beside them. */
  record Straight() implements Carried {}

  /**
   * One file whose colours are mixed with a matte by its alpha.
   *
   * @param matte black for what is commonly meant by premultiplied
   */
  record Premultiplied(Colour matte) implements Carried {
    public Premultiplied {
      matte = solid(matte, "The matte");
    }

    public boolean onBlack() {
      return matte.equals(Colour.BLACK);
    }
  }

  /**
   * Two files without alpha: the colours, and the alpha as grey.
   *
   * @param shaped whether the fill is multiplied by its key, on black; else its colours are
   *     straight, and go on around what is drawn
   */
  record FillAndKey(boolean shaped) implements Carried {}

  /** One file without alpha: the overlay as it looks over one colour. */
  record OverColour(Colour ground) implements Carried {
    public OverColour {
      ground = solid(ground, "The colour beneath");
    }
  }

  Carried STRAIGHT = new Straight();
  Carried PREMULTIPLIED = new Premultiplied(Colour.BLACK);

  private static Colour solid(Colour colour, String what) {
    Require.present(colour, what);
    return new Colour(colour.red(), colour.green(), colour.blue(), 255);
  }
}
