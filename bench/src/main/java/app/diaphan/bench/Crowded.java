package app.diaphan.bench;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import java.util.ArrayList;
import java.util.List;

/** A results board of 40 pieces: a heading, a ground, and names on plates that back them. */
final class Crowded {
  static final int PIECES = 40;
  private static final int ROWS = (PIECES - 2) / 2;

  private Crowded() {}

  static Overlay overlay() {
    List<Piece> stack = new ArrayList<>();
    stack.add(text("heading", "Race Day Two · results", 640, 70, 72));
    for (int i = 0; i < ROWS; i++) {
      double x = 140 + 620 * (i % 3);
      double y = 200 + 118 * (i / 3);
      stack.add(text("name-" + i, "Skipper number " + (i + 1), x, y, 40));
    }
    for (int i = 0; i < ROWS; i++) {
      stack.add(
          plate(
              "plate-" + i,
              new PlateShape.RoundedRectangle(10),
              new Backing(List.of("name-" + i), 20, 8, 20, 10)));
    }
    stack.add(
        new PlatePiece(
            "ground",
            "Ground",
            true,
            false,
            Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0),
            new PlateShape.RoundedRectangle(40),
            1800,
            1000,
            Backing.NOTHING,
            new Paint.Flat(Colour.parse("#06202eb8")),
            Look.PLAIN));
    return new Overlay("Results board", Frame.of(1920, 1080), stack);
  }

  private static TextPiece text(String id, String words, double x, double y, double size) {
    return new TextPiece(
        id,
        id,
        true,
        false,
        Place.at(PinPoint.TOP_LEFT, Area.FRAME, x, y),
        List.of(Run.of(words, "Work Sans", 600, size)),
        TextSetting.plain(TextAlignment.LEFT),
        new TextBox.Free(),
        new Paint.Flat(Colour.WHITE),
        Look.PLAIN);
  }

  private static PlatePiece plate(String id, PlateShape shape, Backing backing) {
    return new PlatePiece(
        id,
        id,
        true,
        false,
        Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0),
        shape,
        100,
        40,
        backing,
        new Paint.Linear(
            0,
            List.of(
                new Paint.Stop(0, Colour.parse("#0d3346")),
                new Paint.Stop(1, Colour.parse("#14586980")))),
        Look.PLAIN.withFinishes(
            List.of(new Shadow(true, 90, 4, 14, 0.1, Colour.BLACK, 0.5, UnderFace.AUTOMATIC))));
  }
}
