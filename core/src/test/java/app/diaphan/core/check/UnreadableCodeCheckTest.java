package app.diaphan.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.code.Correction;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.targets.TargetList;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Codes that a camera can read, and such that it just cannot. */
class UnreadableCodeCheckTest {
  private static final Frame FRAME = Frame.of(960, 540);
  private static final String WORDS = "https://lantern-reach.example/";

  /** Of the code and its rim, by which the words make 29 modules a side. */
  private static final int MODULES = 37;

  private static final List<Still> STILLS =
      List.of(flat("White sails, still 3", 0.95f), flat("Quay at dusk, still 1", 0.05f));

  private static Still flat(String name, float tone) {
    return new Still(name, new RasterPicture(1, 1, new float[] {tone, tone, tone, 1}, false));
  }

  private static CodePiece code(double each) {
    return Samples.code(WORDS, Samples.centre(), each * MODULES);
  }

  private static CodePiece with(CodePiece code, int rim, String ink, String ground) {
    return new CodePiece(
        code.id(),
        code.name(),
        true,
        false,
        code.place(),
        code.words(),
        Correction.M,
        code.side() / MODULES * (29 + 2 * rim),
        rim,
        Colour.parse(ink),
        Samples.flat(ground),
        code.look(),
        List.of());
  }

  private static List<Finding> check(Piece... pieces) {
    return ProofChecks.of(
        Samples.renderer(),
        Samples.overlay(FRAME, pieces),
        STILLS,
        TargetList.AS_DESIGNED,
        EnumSet.of(CheckKind.UNREADABLE_CODE));
  }

  private static String found(Piece... pieces) {
    List<Finding> found = check(pieces);
    assertEquals(1, found.size(), found.toString());
    assertEquals(CheckKind.UNREADABLE_CODE, found.getFirst().kind());
    assertEquals("code", found.getFirst().piece());
    assertTrue(found.getFirst().fails());
    return found.getFirst().sentence();
  }

  @ParameterizedTest
  @ValueSource(doubles = {2, 2.6, 5, 12})
  void aCodeAsTheStandardWantsItPasses(double each) {
    assertEquals(List.of(), check(code(each)));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 7, 45, 90, 200})
  void howItStandsDoesNotMatter(double turn) {
    for (boolean mirrored : new boolean[] {false, true}) {
      CodePiece turned = code(4.3).withPlace(Samples.centre().turned(turn, mirrored));
      assertEquals(List.of(), check(turned), "mirrored: " + mirrored);
    }
  }

  @Test
  void modulesAreLargeEnoughOrJustNot() {
    assertTrue(found(code(1.9)).contains("are 1.9 px wide"), found(code(1.9)));
    Piece grouped = Samples.group("g", Samples.centre(), 0.5, inGroup(code(3.8)));
    assertTrue(found(grouped).contains("are 1.9 px wide"));
    assertEquals(List.of(), check(Samples.group("g", Samples.centre(), 0.5, inGroup(code(4.2)))));
  }

  private static CodePiece inGroup(CodePiece code) {
    return code.withPlace(Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0));
  }

  @Test
  void lightOnDarkIsNotRead() {
    String sentence = found(with(code(5), 4, "#ffffff", "#14181c"));
    assertTrue(sentence.contains("no darker"), sentence);
    assertTrue(sentence.contains("White sails, still 3"), sentence);
  }

  @Test
  void aClearGroundIsReadOverLightStillsOnly() {
    String sentence = found(with(code(5), 4, "#14181c", "#ffffff00"));
    assertTrue(sentence.contains("Quay at dusk, still 1"), sentence);
  }

  @Test
  void aClearGroundOnALightPlateIsRead() {
    assertEquals(
        List.of(),
        check(
            with(code(5), 0, "#14181c", "#ffffff00"),
            Samples.box("plate", Samples.centre(), 190, 190)));
  }

  @Test
  void theRimIsWideEnoughOrJustNot() {
    String sentence = found(with(code(5), 2, "#14181c", "#ffffff"));
    assertTrue(sentence.contains("rim"), sentence);
    assertTrue(sentence.contains("Quay at dusk, still 1"), sentence);
    assertEquals(List.of(), check(with(code(5), 4, "#14181c", "#ffffff")));
  }

  @Test
  void whatLiesOverItOrBesideItIsSeen() {
    Place middle = Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0);
    assertEquals(List.of(), check(Samples.box("small", middle, 10, 10), code(5)));
    String covered = found(Samples.box("large", middle, 70, 70), code(5));
    assertTrue(covered.contains("cannot read"), covered);
    Piece beside =
        Samples.box("bar", Place.at(PinPoint.CENTRE, Area.FRAME, 82, 0), 12, 180)
            .withPaint(Samples.flat("#102030"));
    String spoilt = found(beside, code(5));
    assertTrue(spoilt.contains("rim"), spoilt);
  }

  @Test
  void aRimThatTheFrameCutsIsNoRim() {
    CodePiece atEdge = code(5).withPlace(Place.at(PinPoint.TOP_LEFT, Area.FRAME, -15, 20));
    assertTrue(found(atEdge).contains("rim"));
  }

  @Test
  void thinnedCodesAreReadAsTheyAreSeen() {
    CodePiece code = code(5);
    CodePiece faint = code.withLook(code.look().withFaceOpacity(0.03));
    assertTrue(found(faint).contains("over"));
    assertEquals(List.of(), check(code.withLook(code.look().withFaceOpacity(0.9))));
    assertEquals(List.of(), check(faint.withShown(false)));
  }
}
