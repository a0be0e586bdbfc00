package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import com.microsoft.playwright.Locator;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What a dragged piece is drawn to besides edges and middles. */
class SnappingTest {
  @RegisterExtension final Browser browser = new Browser();

  private static PlatePiece plate(Overlay like, String id, double x, double y) {
    PlatePiece plate = (PlatePiece) Pieces.get(like, "plate");
    return (PlatePiece)
        plate
            .withBacking(new Backing(List.of(), 0, 0, 0, 0))
            .withSize(120, 80)
            .withId(id)
            .withPlace(Place.at(PinPoint.TOP_LEFT, Area.FRAME, x, y));
  }

  @Test
  void gapsAreMadeAlikeAndShownWithTheirLengths() throws IOException {
    Compose compose =
        Compose.openNew(
            browser,
            like ->
                like.withStack(
                    List.of(
                        plate(like, "first", 200, 400),
                        plate(like, "second", 371, 437),
                        plate(like, "third", 700, 411))));
    // The gap between the first two is 51; the third is left 4 units from where it would be alike.
    compose.take(compose.at(760, 451), compose.at(600 + 4, 471));
    Locator lines =
        compose
            .page()
            .getByTestId("snap-line")
            .filter(new Locator.FilterOptions().setHasText("51 px"));
    assertThat(lines.nth(1)).isVisible();
    compose.page().mouse().up();
    assertEquals(371 + 120 + 51, compose.piece("third").place().right(), 0.2);

    // Between two others, as far from the one as from the other.
    compose.page().keyboard().press("Escape");
    compose.take(compose.at(431, 477), compose.at(200 + 120 + (542 - 320) / 2.0 - 3, 483));
    assertThat(lines.nth(1)).isVisible();
    compose.page().mouse().up();
    assertEquals(320 + (542 - 320 - 120) / 2.0, compose.piece("second").place().right(), 0.2);
  }

  @Test
  void wordsStandOnTheBaselineOfOthers() throws IOException {
    Compose compose =
        Compose.openNew(
            browser,
            like -> {
              TextPiece name = (TextPiece) Pieces.get(like, "name");
              Piece large = name.withPlace(Place.at(PinPoint.TOP_LEFT, Area.FRAME, 200, 300));
              Piece small =
                  name.withRuns(name.runs().stream().map(run -> run.withSize(29)).toList())
                      .withId("small")
                      .withPlace(Place.at(PinPoint.TOP_LEFT, Area.FRAME, 1100, 600));
              return like.withStack(List.of(small, large));
            });
    Overlay before = compose.saved();
    double apart = baselineOf(before, "name") - baselineOf(before, "small");
    compose.take(compose.at(1130, 615), compose.at(1142, 615 + apart - 4));
    Locator lines = compose.page().getByTestId("snap-line");
    assertThat(lines.filter(new Locator.FilterOptions().setHasText("baseline"))).isVisible();
    compose.page().mouse().up();
    Overlay after = compose.saved();
    assertEquals(baselineOf(after, "name"), baselineOf(after, "small"), 0.05);
  }

  /** In display units of the frame. */
  private static double baselineOf(Overlay overlay, String id) {
    PlacedPiece placed =
        new Renderer(ShippedFonts.shelf(), PictureShelf.EMPTY, Memory.NONE)
            .place(overlay, Canvas.of(overlay.frame())).stream()
                .filter(piece -> piece.piece().id().equals(id))
                .findFirst()
                .orElseThrow();
    double own = ((Content.Lettered) placed.content()).set().baselines().getFirst();
    return placed.toPixels().transform(new Point2D.Double(0, own), null).getY();
  }
}
