package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.render.Renderer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ExtremesTest {
  private static final Place PLACE = Place.at(PinPoint.BOTTOM_LEFT, Area.FRAME, 20, -10);
  private static final TextPiece WORDS =
      Samples.text("words", "{name}", PLACE, 30, Samples.flat("#ffffff"));
  private static final Overlay OVERLAY =
      Samples.overlay(
          Frame.of(400, 200),
          WORDS,
          Samples.plate(new PlateShape.Ellipse(), PLACE, 100, 40, Samples.flat("#e8a33d"))
              .withSlots(List.of(new Slot.ColourOf("club", Slot.ColourPlace.PAINT, 0))),
          Samples.picture("tern.svg", PLACE, 40, 40)
              .withSlots(List.of(new Slot.PictureOf("pennant"))));

  private static List<Extreme> found(List<Row> rows) {
    Filling filling =
        new Filling(
            new Columns(List.of("name", "club", "pennant"), Map.of()),
            Set.of("osier.svg"),
            House.NONE);
    Renderer renderer = Samples.renderer();
    return Extremes.of(OVERLAY, filling, rows, renderer::width);
  }

  private static Row row(String name, String club, String pennant) {
    return Row.of(List.of(name, club, pennant));
  }

  @Test
  void theRowsThatDecideAreFound() {
    List<Row> rows =
        List.of(
            row("Ysolde Brack", "#808080", "osier.svg"),
            row("iiiiiiiiiiiiiiii", "#101010", "osier.svg"),
            row("WWWWWWWWWWWWWWW", "#f0f0f0", "osier.svg"),
            row("Bo", "#707070", "osir.svg"),
            row("Ada", "#707070", ""),
            row("سلمى العطار", "#707070", "osier.svg"),
            row("", "#707070", "osier.svg"));
    assertEquals(
        List.of(
            new Extreme(2, "longest name"),
            new Extreme(3, "shortest name"),
            new Extreme(6, "no name"),
            new Extreme(5, "name in Arabic"),
            new Extreme(2, "lightest club"),
            new Extreme(1, "darkest club"),
            new Extreme(3, "pennant that is missing"),
            new Extreme(4, "no pennant")),
        found(rows));
  }

  /** Letters are counted as the code holds them: one beyond ASCII takes two bytes or more. */
  @Test
  void theFullestCodeIsThatOfTheRowWithTheMostBytes() {
    Overlay codes =
        Samples.overlay(
            Frame.of(400, 200),
            Samples.code("https://lantern-reach.example/{name}", PLACE, 100),
            Samples.code("lantern", PLACE, 100).withId("b"));
    Filling filling = new Filling(new Columns(List.of("name"), Map.of()), Set.of(), House.NONE);
    List<Row> rows =
        List.of(
            Row.of(List.of("Ysolde")),
            Row.of(List.of("سلمى")),
            Row.of(List.of("Bo")),
            new Row(List.of("Maximiliane"), List.of(), true, List.of()));
    assertEquals(
        List.of(new Extreme(1, "fullest \"Code\"")),
        Extremes.of(codes, filling, rows, Samples.renderer()::width));
  }

  @Test
  void rowsThatAreLeftOutDecideNothing() {
    Row out = new Row(List.of("Wilhelmina Long-Name", "#fff", ""), List.of(), true, List.of());
    assertEquals(1, found(List.of(out, row("Bo", "#707070", "osier.svg"))).getFirst().row());
  }

  @Test
  void tenThousandRowsAreLookedThroughWithoutSettingThemAll() {
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < 10_000; i++) {
      rows.add(row("Name number " + i, "#707070", "osier.svg"));
    }
    int[] set = {0};
    Filling filling =
        new Filling(
            new Columns(List.of("name", "club", "pennant"), Map.of()),
            Set.of("osier.svg"),
            House.NONE);
    Extremes.of(
        OVERLAY,
        filling,
        rows,
        text -> {
          set[0]++;
          return text.words().length();
        });
    assertTrue(set[0] < 200, "set " + set[0]);
  }
}
