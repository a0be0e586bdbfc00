package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.slot.Slot.ColourPlace;
import java.util.List;
import org.junit.jupiter.api.Test;

class RecolouredTest {
  private static final Colour GREEN = Colour.parse("#20c040");
  private static final List<Paint.Stop> STOPS =
      List.of(
          new Paint.Stop(0, Colour.parse("#ff0000")), new Paint.Stop(1, Colour.parse("#0000ff80")));

  private static PlatePiece plate(Paint paint, Finish... finishes) {
    return Samples.plate(new PlateShape.Rectangle(), Samples.centre(), 200, 60, paint, finishes);
  }

  private static Paint painted(Paint paint, ColourPlace place, int index) {
    return ((PlatePiece) Recoloured.of(plate(paint), place, index, GREEN)).paint();
  }

  private static Tint tinted(Tint tint, int index) {
    PicturePiece picture = Samples.picture("pennant.png", Samples.centre(), 40, 40).withTint(tint);
    return ((PicturePiece) Recoloured.of(picture, ColourPlace.TINT, index, GREEN)).tint();
  }

  private static List<Paint.Stop> second(List<Paint.Stop> stops) {
    return List.of(stops.get(0), new Paint.Stop(1, GREEN.withAlpha(128)));
  }

  @Test
  void aPlainColourStaysAsThinAsItWas() {
    assertEquals(
        new Paint.Flat(GREEN.withAlpha(128)),
        painted(Samples.flat("#ff000080"), ColourPlace.PAINT, 0));
    Colour thin = Colour.parse("#20c04040");
    assertEquals(
        new Paint.Flat(thin),
        ((PlatePiece) Recoloured.of(plate(Samples.flat("#ff0000")), ColourPlace.PAINT, 0, thin))
            .paint());
  }

  @Test
  void gradientsBecomeOneColourOrTakeItAtAStop() {
    Paint linear = new Paint.Linear(30, 0.1, 0.9, STOPS);
    assertEquals(new Paint.Flat(GREEN), painted(linear, ColourPlace.PAINT, 0));
    assertEquals(
        new Paint.Linear(30, 0.1, 0.9, second(STOPS)), painted(linear, ColourPlace.STOP, 1));
    assertEquals(
        new Paint.Radial(0.4, 0.6, 0.7, true, second(STOPS)),
        painted(new Paint.Radial(0.4, 0.6, 0.7, true, STOPS), ColourPlace.STOP, 1));
    assertEquals(
        new Paint.Conic(0.4, 0.6, 20, second(STOPS)),
        painted(new Paint.Conic(0.4, 0.6, 20, STOPS), ColourPlace.STOP, 1));
  }

  @Test
  void whereThereIsNoSuchColourNothingHappens() {
    Paint linear = new Paint.Linear(30, 0.1, 0.9, STOPS);
    assertEquals(linear, painted(linear, ColourPlace.STOP, 2));
    assertEquals(Samples.flat("#ff0000"), painted(Samples.flat("#ff0000"), ColourPlace.STOP, 0));
    PlatePiece plate = plate(Samples.flat("#ff0000"));
    assertEquals(plate, Recoloured.of(plate, ColourPlace.TINT, 0, GREEN));
    assertEquals(plate, Recoloured.of(plate, ColourPlace.FINISH, 0, GREEN));
    PicturePiece picture = Samples.picture("pennant.png", Samples.centre(), 40, 40);
    assertEquals(picture, Recoloured.of(picture, ColourPlace.PAINT, 0, GREEN));
    assertEquals(picture, Recoloured.of(picture, ColourPlace.STOP, 0, GREEN));
  }

  @Test
  void tintsTakeAColourWhereTheyHaveOne() {
    assertEquals(new Tint.OneColour(GREEN), tinted(Tint.NONE, 0));
    assertEquals(
        new Tint.OneColour(GREEN.withAlpha(64)),
        tinted(new Tint.OneColour(Colour.parse("#ff000040")), 0));
    assertEquals(new Tint.Gradient(45, second(STOPS)), tinted(new Tint.Gradient(45, STOPS), 1));
    Tint.Replacement red = new Tint.Replacement(Colour.parse("#ff0000"), Colour.parse("#aa0000"));
    Tint.Replacement blue = new Tint.Replacement(Colour.parse("#0000ff"), Colour.parse("#0000aa"));
    Tint replaced = new Tint.Replaced(List.of(red, blue));
    assertEquals(
        new Tint.Replaced(List.of(red, new Tint.Replacement(blue.from(), GREEN))),
        tinted(replaced, 1));
    assertEquals(replaced, tinted(replaced, 2));
  }

  @Test
  void ofTheFinishesTheOneThatIsMeantTakesIt() {
    Outline outline =
        new Outline(
            true,
            4,
            Outline.Side.OUTSIDE,
            Outline.Corners.ROUND,
            Samples.flat("#ff000080"),
            1,
            UnderFace.HELD_OUT);
    Halo halo = new Halo(true, 12, 0.5, Colour.parse("#0000ff"), 1, UnderFace.HELD_OUT);
    PlatePiece plate = plate(Samples.flat("#ff0000"), halo, outline);
    assertEquals(
        List.of(halo, outline.withPaint(new Paint.Flat(GREEN.withAlpha(128)))),
        Recoloured.of(plate, ColourPlace.FINISH, 1, GREEN).look().finishes());
    assertEquals(
        List.of(halo.led(was -> GREEN), outline),
        Recoloured.of(plate, ColourPlace.FINISH, 0, GREEN).look().finishes());
  }
}
