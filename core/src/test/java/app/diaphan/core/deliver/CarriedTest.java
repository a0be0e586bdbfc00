package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.deliver.FileReport.AlphaFound;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.Extent;
import app.diaphan.core.file.FileFormat;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.render.Canvas;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How files carry what is drawn: together with its alpha, beside it, or laid over a colour. */
class CarriedTest {
  private static final Frame FRAME = Frame.of(320, 180);
  private static final Overlay OVERLAY = Samples.lowerThird(FRAME);
  private static final Colour GROUND = Colour.parse("#3c8a52");

  @TempDir Path folder;

  private final Deliverer deliverer =
      new Deliverer(Samples.renderer(), sidecar -> "sidecar of " + sidecar.overlay());
  private final float[] drawn = Samples.renderer().render(OVERLAY, Canvas.of(FRAME)).pixels();

  private List<Delivered> deliver(FileKind kind) {
    return deliverer.deliver(OVERLAY, new Target(FRAME, kind), folder, "plate", Progress.NONE);
  }

  private static Raster decoded(Delivered delivered) throws IOException {
    return ImageIO.read(delivered.file().toFile()).getRaster();
  }

  /** What is compared with the sample of a pixel's channel. */
  @FunctionalInterface
  private interface Expected {
    double of(int pixel, int channel);
  }

  private static void assertSamples(Raster raster, int bands, double off, Expected expected) {
    assertEquals(bands, raster.getNumBands());
    double most = (1 << raster.getSampleModel().getSampleSize(0)) - 1;
    for (int i = 0; i < FRAME.width() * FRAME.height(); i++) {
      for (int c = 0; c < bands; c++) {
        double found = raster.getSample(i % FRAME.width(), i / FRAME.width(), c) / most;
        assertEquals(expected.of(4 * i, c), found, off, "pixel " + i + " of " + c);
      }
    }
  }

  private static double ground(int channel) {
    return new int[] {GROUND.red(), GROUND.green(), GROUND.blue()}[channel] / 255.0;
  }

  @ParameterizedTest
  @EnumSource(FileFormat.class)
  void anOverlayOverAColourHasNoAlphaAndLooksLikeThat(FileFormat format) throws IOException {
    FileKind kind =
        FileKind.png().with(format).with(BitDepth.SIXTEEN).with(new Carried.OverColour(GROUND));
    List<Delivered> delivered = deliver(kind);
    assertEquals(1, delivered.size());
    FileReport report = delivered.getFirst().report();
    assertEquals(AlphaFound.NONE, report.alpha());
    assertEquals(3, report.channels());
    assertTrue(report.inWords().contains("no alpha"), report.inWords());
    assertSamples(
        decoded(delivered.getFirst()),
        3,
        1.0 / 65535,
        (i, c) -> drawn[i + c] + (1 - drawn[i + 3]) * ground(c));
  }

  @ParameterizedTest
  @CsvSource({"PNG, true", "PNG, false", "TIFF, true", "TIFF, false"})
  void aFillAndItsKeyMakeTheOverlayTogether(FileFormat format, boolean shaped) throws IOException {
    FileKind kind =
        FileKind.png().with(format).with(BitDepth.SIXTEEN).with(new Carried.FillAndKey(shaped));
    List<Delivered> delivered = deliver(kind);
    assertEquals(
        List.of("plate-fill." + format.extension(), "plate-key." + format.extension()),
        delivered.stream().map(one -> one.file().getFileName().toString()).toList());
    assertEquals(1, delivered.get(1).report().channels());
    assertTrue(delivered.get(1).inWords().contains("grey"), delivered.get(1).inWords());
    assertSamples(decoded(delivered.get(1)), 1, 0.6 / 65535, (i, c) -> drawn[i + 3]);
    Raster fill = decoded(delivered.get(0));
    assertEquals(3, fill.getNumBands());
    for (int i = 0; i < FRAME.width() * FRAME.height(); i++) {
      float alpha = drawn[4 * i + 3];
      for (int c = 0; c < 3; c++) {
        double found = fill.getSample(i % FRAME.width(), i / FRAME.width(), c) / 65535.0;
        assertEquals(drawn[4 * i + c], shaped ? found : found * alpha, 1.0 / 65535);
      }
    }
  }

  @Test
  void coloursOnAMatteThatIsNotBlackAreToldApartFromPremultipliedOnes() throws IOException {
    FileKind kind = FileKind.tiff().with(new Carried.Premultiplied(GROUND));
    Delivered delivered = deliver(kind).getFirst();
    assertEquals(AlphaFound.ON_MATTE, delivered.report().alpha());
    assertEquals("0", delivered.report().tags().get("ExtraSamples"));
    assertTrue(
        delivered.report().tags().get("ImageDescription").contains(GROUND.toString()),
        delivered.report().tags().toString());
    assertSamples(
        decoded(delivered),
        4,
        1.0 / 65535,
        (i, c) -> c == 3 ? drawn[i + 3] : drawn[i + c] + (1 - drawn[i + 3]) * ground(c));
    Delivered black = deliver(kind.with(Carried.PREMULTIPLIED)).getFirst();
    assertEquals(AlphaFound.PREMULTIPLIED, black.report().alpha());
    assertFalse(black.report().tags().containsKey("ImageDescription"));
  }

  @Test
  void aPngFileIsNeverPremultiplied() {
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> FileKind.png().with(Carried.PREMULTIPLIED));
    assertTrue(refused.getMessage().contains("TIFF"), refused.getMessage());
  }

  @Test
  void aSidecarSaysWhatTheFilesAreAndWhereTheyLie() throws IOException {
    Sidecar[] told = new Sidecar[1];
    Deliverer telling =
        new Deliverer(
            Samples.renderer(),
            sidecar -> {
              told[0] = sidecar;
              return "told";
            });
    FileKind kind =
        FileKind.png().with(new Carried.FillAndKey(false)).with(Extent.TRIMMED).withSidecar(true);
    List<Delivered> delivered =
        telling.deliver(OVERLAY, new Target(FRAME, kind), folder, "plate", Progress.NONE);
    assertEquals("told", Files.readString(folder.resolve("plate.json")));
    assertEquals(2, told[0].files().size());
    assertEquals("plate-key.png", told[0].files().get(1).name());
    assertEquals(delivered.getFirst().left(), told[0].left());
    assertEquals(delivered.getFirst().report().width(), told[0].width());
    assertEquals(FRAME.width(), told[0].frameWidth());
  }

  @Test
  void ifOneOfSeveralFilesFailsNoneGetsItsName() throws IOException {
    Deliverer failing =
        new Deliverer(
            Samples.renderer(),
            sidecar -> {
              throw new IllegalStateException("no sidecar today");
            });
    FileKind kind = FileKind.png().with(new Carried.FillAndKey(true)).withSidecar(true);
    assertThrows(
        IllegalStateException.class,
        () -> failing.deliver(OVERLAY, new Target(FRAME, kind), folder, "plate", Progress.NONE));
    try (Stream<Path> files = Files.list(folder)) {
      assertArrayEquals(new Object[0], files.toArray());
    }
  }

  @ParameterizedTest
  @CsvSource({"0, false, 31, 17", "0, true, 32, 18", "5, false, 41, 27", "400, false, 101, 51"})
  void aTrimmedFileKeepsAMarginAndEvenSides(int margin, boolean even, int width, int height) {
    Frame frame = Frame.of(101, 51);
    Overlay overlay =
        Samples.overlay(
            frame,
            Samples.plate(
                new PlateShape.Rectangle(),
                Place.at(PinPoint.TOP_LEFT, Area.FRAME, 20, 15),
                31,
                17,
                Samples.flat("#e8a33d")));
    FileKind kind = FileKind.png().with(new Extent.TrimmedExtent(margin, even));
    Delivered delivered =
        deliverer
            .deliver(overlay, new Target(frame, kind), folder, "trim", Progress.NONE)
            .getFirst();
    assertEquals(width, delivered.report().width());
    assertEquals(height, delivered.report().height());
    assertEquals(Math.max(0, 20 - margin), delivered.left());
  }

  @Test
  void theFringeIsSmallForOneColourAndLargeForAFileWithoutCleanEdges() throws IOException {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.plate(
                new PlateShape.Ellipse(),
                Place.at(PinPoint.CENTRE, Area.FRAME, 0.3, 0.4),
                91,
                71,
                Samples.flat("#f4ead2")));
    Delivered clean =
        deliverer.deliver(overlay, Target.png(FRAME), folder, "clean", Progress.NONE).getFirst();
    assertTrue(clean.report().fringe() <= 2, "off by " + clean.report().fringe());
    // The platform's own writer leaves clear pixels black.
    Path plain = folder.resolve("plain.png");
    var image = ImageIO.read(clean.file().toFile());
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        if (image.getRGB(x, y) >>> 24 == 0) {
          image.setRGB(x, y, 0);
        }
      }
    }
    ImageIO.write(image, "png", plain.toFile());
    assertTrue(FileInspector.inspect(plain).fringe() > 20);
  }

  /** White at half its strength beside solid black: halved apart, the edge comes out too light. */
  @Test
  void innerEdgesCountToo() throws IOException {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.plate(
                    new PlateShape.Rectangle(), Samples.centre(), 42, 32, Samples.flat("#000000"))
                .withId("letters"),
            Samples.plate(
                new PlateShape.Rectangle(), Samples.centre(), 90, 70, Samples.flat("#ffffff80")));
    Delivered delivered =
        deliverer
            .deliver(
                overlay,
                new Target(FRAME, FileKind.png().withDither(false)),
                folder,
                "inner",
                Progress.NONE)
            .getFirst();
    // One column of the block is black and solid, the other white and half clear.
    double mixed = 255 * 0.5 * (1 + 0x80 / 255.0) / 2;
    double truly = 255 * 0x80 / 255.0 / 2;
    assertEquals(mixed - truly, delivered.report().fringe(), 0.1);
    assertTrue(delivered.report().edgesInWords().contains("where thin meets solid"));
  }

  @Test
  void aKeyTellsItsOwnShares() throws IOException {
    List<Delivered> pair =
        deliverer.deliver(
            Samples.overlay(
                FRAME,
                Samples.plate(
                    new PlateShape.Rectangle(), Samples.centre(), 40, 30, Samples.flat("#ffffff"))),
            new Target(FRAME, FileKind.png().with(new Carried.FillAndKey(false))),
            folder,
            "pair",
            Progress.NONE);
    FileReport key = pair.get(1).report();
    double solid = 40.0 * 30 / FRAME.width() / FRAME.height();
    assertEquals(solid, key.solid(), 1e-9);
    assertEquals(1 - solid, key.clear(), 1e-9);
    assertEquals(40, key.drawn().width());
    assertTrue(key.inWords().contains("% black"), key.inWords());
    assertTrue(pair.getFirst().report().inWords().endsWith("no alpha"));
  }
}
