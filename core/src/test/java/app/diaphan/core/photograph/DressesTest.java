package app.diaphan.core.photograph;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.house.FinishSet;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.dress.Dress;
import app.diaphan.core.overlay.finish.Outline;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a mark's other dress is made from. */
class DressesTest {
  private static final House HOUSE =
      House.named("Regatta")
          .withColours(
              List.of(
                  new HouseColour(
                      "Buoy", List.of(), "", Colour.parse("#e8a33d"), Colour.parse("#ffd68a"))))
          .withFinishSets(
              List.of(
                  new FinishSet(
                      "Edge", 1080, List.of(Samples.outline(6, Outline.Side.OUTSIDE, "#000000"))),
                  new FinishSet(
                      "Rim", 1080, List.of(Samples.outline(9, Outline.Side.OUTSIDE, "#ffffff")))));

  /** One plate in the house's colour with its edge, and one of no house. */
  private static final Overlay MARK =
      HOUSE.dressed(
          HOUSE
              .finishSet("Edge")
              .orElseThrow()
              .given(
                  Samples.overlay(
                      Samples.HD,
                      Samples.plate(
                              new PlateShape.Rectangle(),
                              Samples.centre(),
                              200,
                              100,
                              Samples.flat("#00000080 Buoy"))
                          .withId("buoy"),
                      Samples.box("own", Samples.centre(), 40, 20)),
                  List.of("buoy"),
                  true));

  private static Dresses dresses(OtherDress other) {
    return Dresses.of(MARK, other, HOUSE, id -> id == 4 ? Optional.of(MARK) : Optional.empty());
  }

  private static Piece buoy(Overlay overlay) {
    return Pieces.get(overlay, "buoy");
  }

  private static Colour paintOf(Overlay overlay) {
    return Colours.of(buoy(overlay)).stream()
        .filter(colour -> colour.name().equals("Buoy"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void theHousesOtherDressHasItsOtherColours() {
    Overlay other = dresses(new OtherDress.OfHouse()).other().orElseThrow();
    assertEquals("#e8a33d80 Buoy", paintOf(MARK).toString());
    assertEquals("#ffd68a80 Buoy", paintOf(other).toString());
    Overlay again =
        Dresses.of(other, new OtherDress.OfHouse(), HOUSE, id -> Optional.empty())
            .other()
            .orElseThrow();
    assertEquals(Dress.LIGHT, again.dress());
    assertEquals(MARK, again);
  }

  @Test
  void otherFinishesAreGivenWhereASetIsFollowedAndNowhereElse() {
    Overlay other = dresses(new OtherDress.InFinishes("Rim")).other().orElseThrow();
    assertEquals(HOUSE.finishSet("Rim").orElseThrow().finishes(), buoy(other).look().finishes());
    assertEquals(List.of(), Pieces.get(other, "own").look().finishes());
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> dresses(new OtherDress.InFinishes("Glow")));
    assertTrue(refused.getMessage().contains("no finish set \"Glow\""), refused.getMessage());
  }

  @Test
  void lightAndDarkAreExchangedIfTheOtherOverlayIsGone() {
    assertEquals(Optional.of(MARK), dresses(new OtherDress.AnotherOverlay(4)).other());
    assertEquals(Optional.empty(), dresses(new OtherDress.AnotherOverlay(5)).other());
    assertEquals(Optional.empty(), dresses(new OtherDress.Exchanged()).other());
  }

  @Test
  void withoutNamesBothDressesLookTheSame() {
    Dresses plain = dresses(new OtherDress.OfHouse()).unnamed();
    assertEquals("#e8a33d80", Colours.of(buoy(plain.overlay())).getFirst().toString());
    assertEquals("#ffd68a80", Colours.of(buoy(plain.other().orElseThrow())).getFirst().toString());
  }
}
