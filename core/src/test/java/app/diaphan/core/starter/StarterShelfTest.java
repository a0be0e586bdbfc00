package app.diaphan.core.starter;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.check.PlacementChecks;
import app.diaphan.core.check.ProofChecks;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.targets.TargetList;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StarterShelfTest {
  private final Renderer renderer = Samples.renderer();

  static Stream<Frame> frames() {
    return Stream.concat(
        FrameCatalogue.choices().stream().map(choice -> choice.frame()),
        Stream.of(Frame.of(64, 64), Frame.of(1000, 400)));
  }

  /** Whatever the frame, a starter has nothing to be mended before one begins. */
  @ParameterizedTest
  @MethodSource("frames")
  void everyStarterLiesWellOnEveryFrame(Frame frame) {
    List<Starter> starters = StarterShelf.of(frame, House.NONE, Lettering.OWN);
    assertEquals(12, starters.size());
    for (Starter starter : starters) {
      Overlay overlay = starter.overlay();
      Canvas canvas = Canvas.of(frame);
      Renderer.Laid laid = renderer.lay(overlay, canvas);
      assertEquals(List.of(), laid.troubles(), overlay.name());
      assertEquals(
          List.of(),
          PlacementChecks.of(laid.pieces(), canvas, EnumSet.allOf(CheckKind.class)),
          overlay.name());
    }
  }

  static Stream<Lettering> pairs() {
    List<String> families = ShippedFonts.shelf().families().stream().map(FontFamily::name).toList();
    return families.stream()
        .flatMap(
            headline ->
                families.stream()
                    .map(label -> new Lettering(headline, label, ShippedFonts.shelf())));
  }

  /** Whichever families a package has, also the widest. */
  @ParameterizedTest
  @MethodSource("pairs")
  void everyStarterLiesWellInEveryFamily(Lettering lettering) {
    for (Frame frame : List.of(Frame.of(1920, 1080), Frame.of(1080, 1920))) {
      for (Starter starter : StarterShelf.of(frame, House.NONE, lettering)) {
        Canvas canvas = Canvas.of(frame);
        Renderer.Laid laid = renderer.lay(starter.overlay(), canvas);
        assertEquals(List.of(), laid.troubles(), starter.overlay().name());
        assertEquals(
            List.of(),
            PlacementChecks.of(laid.pieces(), canvas, EnumSet.allOf(CheckKind.class)),
            starter.overlay().name() + " " + lettering);
      }
    }
  }

  @Test
  void aPackageHasTheFamilyOfItsLargestWordsAndTheOneMostWordsAreIn() {
    Overlay title = words(Frame.of(1920, 1080), "Fraunces", 200);
    // Larger in numbers, but not on its own frame.
    Overlay uhd = words(Frame.of(3840, 2160), "Outfit", 300);
    Overlay small = words(Frame.of(1920, 1080), "Source Serif 4", 40);
    assertEquals(Lettering.OWN, Lettering.of(List.of(), ShippedFonts.shelf()));
    assertEquals(
        Lettering.OWN,
        Lettering.of(List.of(words(Frame.of(64, 64), "Nowhere Sans", 20)), ShippedFonts.shelf()));
    assertEquals(
        "Fraunces", Lettering.of(List.of(small, uhd, title), ShippedFonts.shelf()).headline());
    assertEquals(
        "Source Serif 4",
        Lettering.of(List.of(small, uhd, title, small), ShippedFonts.shelf()).label());
    assertEquals(
        new Lettering("Fraunces", "Fraunces", ShippedFonts.shelf()),
        Lettering.of(List.of(title), ShippedFonts.shelf()));
  }

  /** Over white, grey and black, as in a package without stills. */
  @Test
  void proofFindsNothingToPutRight() {
    for (Starter starter : StarterShelf.of(Frame.of(1920, 1080), House.NONE, Lettering.OWN)) {
      List<String> open =
          ProofChecks.of(
                  renderer,
                  starter.overlay(),
                  List.of(),
                  TargetList.AS_DESIGNED,
                  EnumSet.allOf(CheckKind.class))
              .stream()
              .filter(Finding::fails)
              .map(Finding::sentence)
              .toList();
      assertEquals(List.of(), open, starter.overlay().name());
    }
  }

  @Test
  void everyStarterDrawsAndNoTwoAreCalledAlike() {
    Frame frame = Frame.of(320, 180);
    List<Starter> starters = StarterShelf.of(frame, House.NONE, Lettering.OWN);
    assertEquals(12, starters.stream().map(starter -> starter.overlay().name()).distinct().count());
    for (Starter starter : starters) {
      float[] pixels = renderer.render(starter.overlay(), Canvas.of(frame)).pixels();
      int drawn = 0;
      for (int i = 3; i < pixels.length; i += 4) {
        drawn += pixels[i] > 0.05 ? 1 : 0;
      }
      assertTrue(drawn > 200, starter.overlay().name() + " draws " + drawn + " pixels");
    }
  }

  @Test
  void thePackagesColoursAreTakenWhereTheyWillDo() {
    House house =
        House.named("Regatta")
            .withColours(
                List.of(
                    HouseColour.of("Fog", Colour.parse("#d0d4d6")),
                    HouseColour.of("Deep", Colour.parse("#301830")),
                    HouseColour.of("Buoy", Colour.parse("#ff5a36"))));
    Overlay wedge = named("Corner wedge", house);
    assertEquals(
        new Paint.Flat(Colour.parse("#ff5a36 Buoy")),
        ((PlatePiece) Pieces.get(wedge, "wedge")).paint());
    Overlay stencil = named("Stencil", house);
    assertEquals(
        new Paint.Flat(Colour.parse("#301830 Deep")),
        ((PlatePiece) Pieces.get(stencil, "sheet")).paint());
    // White words need a dark ground, so light colours alone are not taken for it.
    House light =
        House.named("Light").withColours(List.of(HouseColour.of("Fog", Colour.parse("#d0d4d6"))));
    assertEquals(named("Stencil", House.NONE), named("Stencil", light));
  }

  private static Overlay words(Frame frame, String family, double size) {
    TextPiece text =
        Samples.text(
            "t",
            "Words",
            Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0),
            size,
            new Paint.Flat(Colour.WHITE));
    return Samples.overlay(frame, text.withRuns(List.of(Run.of("Words", family, 600, size))));
  }

  private static Overlay named(String name, House house) {
    return StarterShelf.of(Frame.of(1920, 1080), house, Lettering.OWN).stream()
        .map(Starter::overlay)
        .filter(overlay -> overlay.name().equals(name))
        .findFirst()
        .orElseThrow();
  }
}
