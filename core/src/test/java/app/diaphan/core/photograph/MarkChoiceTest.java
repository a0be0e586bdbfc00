package app.diaphan.core.photograph;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.photograph.file.Photographs;
import app.diaphan.core.render.Renderer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a mark hangs, and in which dress. */
class MarkChoiceTest {
  private static final Marking MARKING =
      new Marking(
          DressChoice.AUTO, Corner.BOTTOM_RIGHT, new Measure.Pixels(90), new Measure.Pixels(10), 1);

  @TempDir Path folder;

  private final Renderer renderer =
      new Renderer(ShippedFonts.shelf(), name -> Optional.empty(), Memory.NONE);

  /** White words. */
  private static Overlay words() {
    return Samples.overlay(
        Frame.of(640, 360),
        Samples.text(
            "words",
            "Saltlight",
            Place.at(PinPoint.TOP_LEFT, Area.FRAME, 40, 40),
            60,
            Samples.flat("#ffffff")));
  }

  private PhotographMarker marker(Optional<Overlay> other) {
    return new PhotographMarker(renderer, new Dresses(words(), other));
  }

  @FunctionalInterface
  private interface Drawing {
    void on(Graphics2D g);
  }

  private Upright photograph(Color ground, Drawing drawing) throws IOException {
    BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(ground);
    g.fillRect(0, 0, 400, 300);
    drawing.on(g);
    g.dispose();
    Path file = folder.resolve("p" + System.nanoTime() + ".png");
    Files.write(file, MadePhotograph.file(image, "png", ""));
    return new Upright(Photographs.open(file));
  }

  @ParameterizedTest
  @CsvSource({"0x101418, LIGHT, 17.5", "0xf4f4f0, DARK, 18", "0x777777, DARK, 4.6"})
  void theDressThatStandsOutBetterIsTaken(String ground, MarkDress dress, double contrast)
      throws IOException {
    Upright photograph = photograph(Color.decode(ground), g -> {});
    Hung hung = marker(Optional.empty()).hang(photograph, MARKING);
    assertEquals(dress, hung.dress());
    assertEquals(contrast, hung.contrast(), 0.6);
  }

  @ParameterizedTest
  @CsvSource({"LIGHT, LIGHT, 1.1", "DARK, DARK, 18.5", "AS_DRAWN, LIGHT, 1.1"})
  void theDesignerMayHaveItOtherwise(DressChoice choice, MarkDress dress, double contrast)
      throws IOException {
    Upright photograph = photograph(new Color(0xf4f4f0), g -> {});
    Hung hung = marker(Optional.empty()).hang(photograph, MARKING.with(choice));
    assertEquals(dress, hung.dress());
    assertEquals(contrast, hung.contrast(), 0.6);
    assertEquals(dress == MarkDress.DARK, hung.legible());
  }

  @Test
  void anotherOverlayCanBeTheOtherDress() throws IOException {
    Overlay dark =
        Samples.overlay(
            Frame.of(640, 360),
            Samples.box("box", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 80, 60), 120, 60));
    PhotographMarker marker = marker(Optional.of(dark));
    MarkPicture light = marker.picture(MarkDress.LIGHT, MARKING, 400, 300);
    MarkPicture other = marker.picture(MarkDress.DARK, MARKING, 400, 300);
    assertTrue(light.height() < other.height(), light.height() + " and " + other.height());
  }

  @Test
  void lightAndDarkAreExchangedAndColoursStay() {
    float[] pixels = {1, 1, 1, 1, 0.25f, 0, 0, 0.5f, 0, 0, 0, 0};
    MarkPicture exchanged = new MarkPicture(3, 1, pixels, MarkPictures.noEdges()).exchanged();
    float[] expected = {0, 0, 0, 1, 0.5f, 0.25f, 0.25f, 0.5f, 0, 0, 0, 0};
    for (int i = 0; i < expected.length; i++) {
      assertEquals(expected[i], exchanged.pixels()[i], 1e-6, "" + i);
    }
  }

  @Test
  void theQuietestCornerIsWhereTheMarkStandsOutBest() throws IOException {
    Upright photograph =
        photograph(
            new Color(0x202830),
            g -> {
              g.setColor(Color.WHITE);
              for (int i = 0; i < 400; i += 6) {
                g.fillRect(i, 200, 3, 100); // Both lower corners are busy.
              }
              g.fillRect(0, 0, 200, 80);
            });
    Marking light = MARKING.with(DressChoice.LIGHT);
    Hung hung = marker(Optional.empty()).hang(photograph, light.with(Corner.QUIETEST));
    assertEquals(PinPoint.TOP_RIGHT, hung.pin());
    assertTrue(hung.legible());
    assertFalse(marker(Optional.empty()).hang(photograph, light).legible());
    Corner lower = new Corner.Quietest(List.of(PinPoint.BOTTOM_LEFT, PinPoint.BOTTOM_RIGHT));
    assertEquals(
        PinPoint.BOTTOM_LEFT, marker(Optional.empty()).hang(photograph, light.with(lower)).pin());
  }

  @Test
  void atLeastOneCornerIsAllowed() {
    assertThrows(InvalidInput.class, () -> new Corner.Quietest(List.of()));
  }
}
