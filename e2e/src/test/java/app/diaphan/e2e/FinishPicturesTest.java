package app.diaphan.e2e;

import static org.junit.jupiter.api.Assertions.assertFalse;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.overlay.finish.Rim;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.Soften;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.render.Canvas;
import app.diaphan.server.draw.Backdrop;
import app.diaphan.server.draw.Backdrops;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Draws the pictures of docs/finishes.md; kept with -Ddiaphan.keep-screenshots=true. */
class FinishPicturesTest {
  private static final Path FOLDER = Path.of("../docs/finishes");
  private static final Frame FRAME = Frame.of(560, 200);
  @RegisterExtension final Browser browser = new Browser();

  @Test
  void eachFinishIsShownOverAStillOfTheDemo() throws IOException {
    browser.loadDemo();
    PackageStore store = browser.bean(PackageStore.class);
    DrawingService drawings = browser.bean(DrawingService.class);
    Backdrop crowd = browser.bean(Backdrops.class).get("still-17");
    Overlay lowerThird = PackageStore.documentOf(store.overlay(2L));
    byte[] plain =
        drawings.over(1L, words(lowerThird, Look.PLAIN, "#fbf6ea"), Canvas.of(FRAME), crowd);
    for (var look : looks().entrySet()) {
      boolean dark = look.getKey().equals("halo");
      Overlay overlay =
          look.getKey().equals("punch")
              ? stencil(lowerThird, look.getValue())
              : words(lowerThird, look.getValue(), dark ? "#06202e" : "#fbf6ea");
      byte[] png = drawings.over(1L, overlay, Canvas.of(FRAME), crowd);
      assertFalse(Arrays.equals(plain, png), look.getKey());
      if (Boolean.getBoolean("diaphan.keep-screenshots")) {
        Files.createDirectories(FOLDER);
        Files.write(FOLDER.resolve(look.getKey() + ".png"), png);
      }
    }
  }

  private static Map<String, Look> looks() {
    Colour night = Colour.parse("#04121c");
    Colour sail = Colour.parse("#fbf6ea");
    UnderFace under = UnderFace.AUTOMATIC;
    Map<String, Look> looks = new LinkedHashMap<>();
    looks.put(
        "outline",
        look(
            1,
            new Outline(
                true,
                5,
                Outline.Side.OUTSIDE,
                Outline.Corners.MITRED,
                new Paint.Flat(night),
                1,
                under)));
    looks.put(
        "halo",
        look(
            1,
            new Halo(true, 60, 0.1, sail, 0.7, under),
            new Halo(true, 14, 0.4, sail, 0.9, under)));
    looks.put("shadow", look(1, new Shadow(true, 60, 9, 14, 0.2, night, 0.8, under)));
    looks.put("inset", look(1, new Inset(true, 60, 5, 10, 0.2, night, 0.8)));
    looks.put("rim", look(1, new Rim(true, 14, 0.2, Colour.parse("#f0a93f"), 1)));
    looks.put(
        "relief",
        look(
            0.1,
            new Relief(
                true,
                9,
                Relief.Profile.ROUND,
                1.2,
                -120,
                38,
                false,
                Colour.WHITE,
                0.95,
                Colour.BLACK,
                0.65,
                1)));
    looks.put("soften", look(1, new Soften(true, 7, Soften.Side.BOTH)));
    looks.put("punch", look(1, new Inset(true, 70, 4, 10, 0.1, night, 0.8)).withPunch(Punch.GROUP));
    return looks;
  }

  private static Look look(double face, Finish... finishes) {
    return Look.PLAIN.withFaceOpacity(face).withFinishes(List.of(finishes));
  }

  private static Overlay words(Overlay like, Look look, String colour) {
    TextPiece name = (TextPiece) Pieces.get(like, "name");
    Piece words =
        name.withRuns(List.of(Run.of("Osier 7", "Outfit", 700, 150)))
            .withPaint(new Paint.Flat(Colour.parse(colour)))
            .withPlace(Place.at(PinPoint.CENTRE, Area.FRAME, 0, -6))
            .withLook(look);
    return new Overlay("Finish", FRAME, List.of(words));
  }

  private static Overlay stencil(Overlay like, Look look) {
    PlatePiece plate =
        ((PlatePiece) Pieces.get(like, "accent"))
            .withSize(FRAME.width(), 160)
            .withPaint(new Paint.Flat(Colour.parse("#0d3346f2")));
    Overlay words = words(like, look, "#ffffff");
    return words.withStack(
        List.of(
            words.stack().getFirst(),
            plate.withPlace(Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0))));
  }
}
