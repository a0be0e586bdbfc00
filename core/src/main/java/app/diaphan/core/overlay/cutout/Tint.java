package app.diaphan.core.overlay.cutout;

import app.diaphan.core.Require;
import app.diaphan.core.overlay.Colour;

/** The colours a picture is shown in. */
public sealed interface Tint {
  Tint NONE = new OwnColours();

  record OwnColours() implements Tint {}

  /** One colour wherever the picture is solid; its alpha stays. */
  record OneColour(Colour colour) implements Tint {
    public OneColour {
      Require.present(colour, "The colour of the tint");
    }
  }
}
