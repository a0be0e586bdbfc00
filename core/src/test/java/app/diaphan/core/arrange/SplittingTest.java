package app.diaphan.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Vector pictures taken apart, and pictures trimmed: neither changes what is seen. */
class SplittingTest {
  private static final Frame FRAME = Frame.of(400, 300);

  private static Picture svg(String content) {
    return PictureReader.read(
        "made.svg",
        ("<svg xmlns='http://www.w3.org/2000/svg' width='120' height='80'>" + content + "</svg>")
            .getBytes(StandardCharsets.UTF_8));
  }

  private static final Map<String, Picture> PICTURES =
      Map.of(
          "mark.svg",
          svg(
              """
              <linearGradient id='g' x1='0' x2='1' y1='0' y2='0'>
                <stop offset='0' stop-color='#1d6a78'/><stop offset='1' stop-color='#f3d27a'/>
              </linearGradient>
              <radialGradient id='r'><stop offset='0' stop-color='#ffffff'/>
                <stop offset='1' stop-color='#b23a48'/></radialGradient>
              <clipPath id='c'><rect x='60' width='60' height='80'/></clipPath>
              <rect x='10' y='10' width='90' height='40' fill='url(#g)'/>
              <circle cx='60' cy='50' r='20' fill='url(#r)' clip-path='url(#c)'/>
              <path fill-rule='evenodd' fill='#27386b' fill-opacity='0.5'
                d='M20 20H70V70H20ZM30 30H60V60H30Z'/>
              """),
          "masked.svg",
          svg(
              "<mask id='m'><rect width='60' height='80' fill='white'/></mask><rect width='120' height='80' mask='url(#m)'/>"),
          "named.svg",
          svg(
              """
              <title>The whole file is no part</title>
              <style>.hull { fill: #124b5c }</style>
              <defs><g id='flag'><rect id='cloth' width='8' height='5' fill='#c2553a'/></g></defs>
              <rect width='120' height='80' fill='#cfe4e6'/>
              <g id='boat'>
                <path class='hull' d='M20 60H100L90 72H30Z'/>
                <path id='sail' style='fill:#fbf6ea;stroke:#06202e' d='M60 10V56H90Z'/>
                <g aria-label='Fore sail'><title>Jib   </title>
                  <path fill='#f0a93f' d='M56 16V56H34Z'/></g>
              </g>
              <use href='#flag' x='60' y='4'/>
              <circle id='sun' cx='106' cy='12' r='6' fill='#f3c77a' style='display:none'/>
              <circle id='sail' cx='14' cy='12' r='6' fill='#f3c77a'/>
              """),
          "named-tree.svg",
          svg(
              """
              <marker id='m'/><path d='M0 0' marker-end='url(#m)'/>
              <title>The whole file is no part</title>
              <linearGradient id='g'><stop offset='0' stop-color='#1d6a78'/>
                <stop offset='0.5' stop-color='#1d6a78'/><stop offset='0.5' stop-color='#f3d27a'/></linearGradient>
              <rect width='120' height='80' fill='url(#g)'/>
              <g id='boat'>
                <path d='M20 60H100L90 72H30Z' fill='#124b5c'/>
                <g aria-label='Fore sail'><title>Jib   </title>
                  <path fill='#f0a93f' d='M56 16V56H34Z'/></g>
                <g id='wake' opacity='0.5'>
                  <rect x='10' y='62' width='60' height='12' fill='#ffffff'/>
                  <rect x='40' y='62' width='60' height='12' fill='#c2553a'/>
                </g>
              </g>
              """),
          "empty.svg",
          svg(""),
          "spot.png",
          spot());

  /** White with a dark disc off its middle. */
  private static RasterPicture spot() {
    float[] pixels = new float[4 * 100 * 60];
    for (int i = 0; i < 6000; i++) {
      double away = Math.hypot(i % 100 + 0.5 - 30, i / 100 + 0.5 - 35);
      float tone = (float) Math.clamp(away - 15 + 0.5, 0, 1) * 0.9f + 0.1f;
      Arrays.fill(pixels, 4 * i, 4 * i + 3, tone);
      pixels[4 * i + 3] = 1;
    }
    return new RasterPicture(100, 60, pixels, false);
  }

  private final Renderer renderer =
      new Renderer(
          ShippedFonts.shelf(), name -> Optional.ofNullable(PICTURES.get(name)), Memory.NONE);
  private final Arranger arranger = new Arranger(renderer);

  private Overlay showing(String picture, Place place, double width, double height) {
    return Samples.overlay(FRAME, Samples.picture(picture, place, width, height));
  }

  private float[] drawn(Overlay overlay) {
    return renderer.render(overlay, Canvas.of(FRAME)).pixels();
  }

  private void assertLooksAlike(Overlay before, Overlay after, double most, double mean) {
    float[] a = drawn(before);
    float[] b = drawn(after);
    double sum = 0;
    double worst = 0;
    for (int i = 0; i < a.length; i++) {
      double off = Math.abs(a[i] - b[i]);
      sum += off;
      worst = Math.max(worst, off);
    }
    assertTrue(worst <= most, "worst " + worst);
    assertTrue(sum / a.length <= mean, "mean " + sum / a.length);
  }

  @Test
  void partsLieWhereTheyLayHoweverThePictureIsTurned() {
    for (Place place :
        List.of(
            Place.at(PinPoint.TOP_LEFT, Area.FRAME, 30, 20),
            Place.at(PinPoint.CENTRE, Area.FRAME, 12, -8).turned(25, false),
            Place.at(PinPoint.BOTTOM_RIGHT, Area.FRAME, -20, -20).turned(-10, true))) {
      Overlay overlay = showing("mark.svg", place, 240, 160);
      Arranged split = arranger.arrange(overlay, List.of("p"), new Arrangement.Split());
      GroupPiece group =
          assertInstanceOf(
              GroupPiece.class, Pieces.get(split.overlay(), split.chosen().getFirst()));
      assertEquals(3, group.stack().size());
      assertEquals("Pennant", group.name());
      // Gradients are drawn at 8 bits by the library and in full by plates.
      assertLooksAlike(overlay, split.overlay(), 0.03, 0.0005);
    }
  }

  @Test
  void partsArePlatesWithPaintsOfTheirOwn() {
    Overlay overlay = showing("mark.svg", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 30, 20), 120, 80);
    Arranged split = arranger.arrange(overlay, List.of("p"), new Arrangement.Split());
    GroupPiece group = (GroupPiece) Pieces.get(split.overlay(), split.chosen().getFirst());
    PlatePiece front = (PlatePiece) group.stack().get(0);
    assertEquals("#27386b80", ((Paint.Flat) front.paint()).colour().toString());
    assertInstanceOf(Paint.Radial.class, ((PlatePiece) group.stack().get(1)).paint());
    Paint.Linear linear = (Paint.Linear) ((PlatePiece) group.stack().get(2)).paint();
    assertEquals(0, linear.start(), 1e-6);
    assertEquals(1, linear.end(), 1e-6);
    assertEquals(90, ((PlatePiece) group.stack().get(2)).width(), 1e-6);
  }

  @Test
  void partsAreCalledAsTheirFileCallsThem() {
    Overlay overlay = showing("named.svg", Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0), 120, 80);
    Arranged split = arranger.arrange(overlay, List.of("p"), new Arrangement.Split());
    GroupPiece group = (GroupPiece) Pieces.get(split.overlay(), split.chosen().getFirst());
    assertEquals(
        // From front to back; the flag is called as where it is shown, its cloth is drawn there.
        List.of("sail 3", "Part 6", "Jib", "sail 2", "sail", "boat", "Part 1"),
        group.stack().stream().map(Piece::name).toList());
    assertLooksAlike(overlay, split.overlay(), 0.03, 0.0005);
  }

  /** Of a file that the library for trees draws; a group with an opacity stays one. */
  @Test
  void thinGroupsStayGroupsAndPartsOfAllFilesAreCalledAsTheirFileCallsThem() {
    Overlay overlay =
        showing("named-tree.svg", Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0), 120, 80);
    Arranged split = arranger.arrange(overlay, List.of("p"), new Arrangement.Split());
    GroupPiece group = (GroupPiece) Pieces.get(split.overlay(), split.chosen().getFirst());
    assertEquals(
        List.of("wake", "Jib", "boat", "Part 1"), group.stack().stream().map(Piece::name).toList());
    GroupPiece wake = assertInstanceOf(GroupPiece.class, group.stack().getFirst());
    assertEquals(0.5, wake.look().overallOpacity(), 1e-6);
    assertEquals(2, wake.stack().size());
    assertLooksAlike(overlay, split.overlay(), 0.03, 0.0005);
  }

  @Test
  void whatNoPlateCanBeIsNotSplitAndNothingChanges() {
    Place place = Place.at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0);
    for (String picture : List.of("masked.svg", "empty.svg", "spot.png", "gone.svg")) {
      Overlay overlay = showing(picture, place, 120, 80);
      InvalidInput refused =
          assertThrows(
              InvalidInput.class,
              () -> arranger.arrange(overlay, List.of("p"), new Arrangement.Split()),
              picture);
      assertTrue(refused.getMessage().contains("Pennant"), refused.getMessage());
    }
    Overlay plate = Samples.overlay(FRAME, Samples.box("a", place, 20, 20));
    assertThrows(
        InvalidInput.class, () -> arranger.arrange(plate, List.of("a"), new Arrangement.Split()));
  }

  @Test
  void aPictureIsTrimmedToWhatItsCutOutLeaves() {
    CutOut white =
        new CutOut.ByColour(
            new CutOut.GroundColour.OfBorder(),
            0.06,
            2,
            CutOut.GroundReach.FROM_BORDER,
            CutOut.SoftParts.SOLID,
            CutEdge.AS_FOUND);
    PicturePiece piece =
        Samples.picture(
                "spot.png",
                Place.at(PinPoint.CENTRE, Area.FRAME, 20, 10).turned(20, false),
                200,
                120)
            .withCutOut(white);
    Overlay overlay = Samples.overlay(FRAME, piece);
    Overlay trimmed = arranger.arrange(overlay, List.of("p"), new Arrangement.Trimmed()).overlay();
    PicturePiece result = (PicturePiece) Pieces.get(trimmed, "p");
    assertEquals(62, result.width(), 3);
    assertEquals(62, result.height(), 3);
    assertEquals(0.145, result.crop().left(), 0.02);
    assertLooksAlike(overlay, trimmed, 0.02, 0.0003);
    assertEquals(
        trimmed, arranger.arrange(trimmed, List.of("p"), new Arrangement.Trimmed()).overlay());
  }

  @Test
  void trimmingKeepsACropAndRefusesWhatIsAllClear() {
    Place place = Place.at(PinPoint.TOP_LEFT, Area.FRAME, 40, 40);
    PicturePiece cropped =
        Samples.picture("mark.svg", place, 120, 80).withCrop(new Crop(0.5, 0, 0, 0));
    Overlay overlay = Samples.overlay(FRAME, cropped);
    Overlay trimmed = arranger.arrange(overlay, List.of("p"), new Arrangement.Trimmed()).overlay();
    Crop crop = ((PicturePiece) Pieces.get(trimmed, "p")).crop();
    assertEquals(0.5, crop.left(), 1e-9);
    assertEquals(0.125, crop.top(), 0.01);
    assertLooksAlike(overlay, trimmed, 0.02, 0.0003);
    assertThrows(
        InvalidInput.class,
        () ->
            arranger.arrange(
                showing("empty.svg", place, 120, 80), List.of("p"), new Arrangement.Trimmed()));
  }
}
