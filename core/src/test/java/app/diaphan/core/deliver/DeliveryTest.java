package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.Compression;
import app.diaphan.core.file.Extent;
import app.diaphan.core.file.FileFormat;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.file.Resolution;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.render.Canvas;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DeliveryTest {
  private static final Frame FRAME = Frame.of(640, 360);
  private static final Overlay OVERLAY = Samples.lowerThird(FRAME);

  @TempDir Path folder;
  private final Deliverer deliverer = new Deliverer(Samples.renderer(), Sidecar::toString);

  static List<Target> targets() {
    List<Target> targets = new ArrayList<>();
    for (BitDepth depth : BitDepth.values()) {
      for (Extent extent : List.of(Extent.WHOLE_FRAME, Extent.TRIMMED)) {
        targets.add(new Target(FRAME, FileKind.png().with(depth).with(extent)));
        for (Carried carried : List.of(Carried.STRAIGHT, Carried.PREMULTIPLIED)) {
          for (Compression compression : Compression.values()) {
            targets.add(
                new Target(
                    FRAME,
                    FileKind.tiff().with(depth).with(extent).with(carried).with(compression)));
          }
        }
      }
    }
    return targets;
  }

  private Delivered one(Overlay overlay, Target target, String name) {
    List<Delivered> delivered = deliverer.deliver(overlay, target, folder, name, Progress.NONE);
    assertEquals(1, delivered.size());
    return delivered.getFirst();
  }

  @ParameterizedTest
  @MethodSource("targets")
  void everyFileIsReadByAnotherDecoderAsItWasDrawn(Target target) throws IOException {
    Delivered delivered = one(OVERLAY, target, "skipper");
    BufferedImage image = ImageIO.read(delivered.file().toFile());
    assertEquals(4, image.getRaster().getNumBands());
    assertEquals(target.file().depth().bits(), image.getColorModel().getComponentSize(0));
    float[] drawn = Samples.renderer().render(OVERLAY, Canvas.of(FRAME)).pixels();
    Raster raster = image.getRaster();
    double most = target.file().depth().most();
    // One step, for the dither, beside rounding.
    double within = (target.file().depth() == BitDepth.EIGHT ? 1.01 : 0.51) / most;
    int[] pixel = new int[4];
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        raster.getPixel(x, y, pixel);
        int at = 4 * ((y + delivered.top()) * FRAME.width() + x + delivered.left());
        float alpha = drawn[at + 3];
        assertEquals(alpha, pixel[3] / most, within);
        if (alpha > 0.03) {
          double shown = target.file().carried().equals(Carried.STRAIGHT) ? alpha : 1;
          for (int c = 0; c < 3; c++) {
            assertEquals(drawn[at + c], pixel[c] / most * shown, within + 1e-6);
          }
        }
      }
    }
    try (Stream<Path> files = Files.list(folder)) {
      assertEquals(1, files.count(), "nothing but the file is left");
    }
  }

  @Test
  void theReportSaysWhatIsInTheFile() {
    Overlay overlay =
        Samples.overlay(
            Frame.of(100, 50),
            Samples.plate(
                new PlateShape.Rectangle(),
                Place.at(PinPoint.TOP_LEFT, Area.FRAME, 10, 5),
                20.5,
                10,
                Samples.flat("#e8a33d")));
    Delivered delivered = one(overlay, Target.png(overlay.frame()), "mark");
    FileReport report = delivered.report();
    assertEquals(200.0 / 5000, report.solid(), 1e-9);
    assertEquals(10.0 / 5000, report.partial(), 1e-9);
    assertEquals(new FileReport.DrawnBounds(10, 5, 21, 10), report.drawn());
    assertEquals(
        "100 × 50, 8 bits a channel, one straight alpha; 95.8 % clear, 0.2 % partial, 4.0 % solid;"
            + " read back equal",
        delivered.inWords());
    assertEquals(64, report.sha256().length());
  }

  @Test
  void trimmedFilesHoldTheDrawnPartAndSayWhereItLies() {
    FileKind trimmed = FileKind.png().with(Extent.TRIMMED).withDither(false);
    Delivered png = one(OVERLAY, new Target(FRAME, trimmed), "trim");
    assertTrue(png.left() > 0 && png.top() > 0);
    assertEquals(png.report().width(), png.report().drawn().width());
    assertEquals(png.left() + " right, " + png.top() + " down", png.report().tags().get("oFFs"));
    Delivered tiff = one(OVERLAY, new Target(FRAME, trimmed.with(FileFormat.TIFF)), "trim");
    assertEquals(png.left(), tiff.left());
    assertEquals(tiff.left() + "/72", tiff.report().tags().get("XPosition"));
  }

  @Test
  void filesAreMarkedWithTheDotsOfTheirFrameOrOfTheirTarget() {
    Frame printed =
        new Frame(
            FRAME.width(),
            FRAME.height(),
            FRAME.pixelAspect(),
            FRAME.scan(),
            FRAME.safeAreas(),
            FRAME.ownMargin(),
            300,
            FRAME.height());
    assertEquals(
        "11811 × 11811 a metre",
        one(OVERLAY, Target.png(printed), "own").report().tags().get("pHYs"));
    Delivered tiff = one(OVERLAY, Target.tiff(printed), "own");
    assertEquals("300/1", tiff.report().tags().get("XResolution"));
    FileKind marked = FileKind.png().with(new Resolution.DotsPerInch(96));
    assertEquals(
        "3780 × 3780 a metre",
        one(OVERLAY, new Target(printed, marked), "given").report().tags().get("pHYs"));
  }

  @Test
  void pixelAspectIsWrittenInTheFile() {
    Frame wide = FrameCatalogue.bySize(720, 480).orElseThrow();
    Overlay overlay = Samples.lowerThird(wide);
    Delivered png = one(overlay, Target.png(wide), "sd");
    assertEquals(
        wide.pixelAspect().up() + " × " + wide.pixelAspect().across() + " (pixel aspect)",
        png.report().tags().get("pHYs"));
    Delivered tiff = one(overlay, Target.tiff(wide), "sd");
    assertEquals("792/10", tiff.report().tags().get("XResolution"));
    assertEquals("72/1", tiff.report().tags().get("YResolution"));
    assertEquals("2", tiff.report().tags().get("ExtraSamples"));
  }

  @Test
  void bytesAreTheSameOnEveryRunAndNumberOfThreads() throws Exception {
    for (Target target : List.of(Target.png(FRAME), Target.tiff(FRAME))) {
      byte[] first = bytes(target, "first");
      byte[] second = bytes(target, "second");
      assertArrayEquals(first, second);
      for (int threads : new int[] {1, 2}) {
        try (ForkJoinPool pool = new ForkJoinPool(threads)) {
          assertArrayEquals(first, pool.submit(() -> bytes(target, "pool")).get());
        }
      }
    }
  }

  private byte[] bytes(Target target, String name) throws IOException {
    return Files.readAllBytes(
        new Deliverer(Samples.renderer(), Sidecar::toString)
            .deliver(OVERLAY, target, folder, name, Progress.NONE)
            .getFirst()
            .file());
  }

  @Test
  void aMissingPictureIsNotDelivered() {
    Overlay overlay = Samples.overlay(FRAME, Samples.picture("tern.png", Samples.centre(), 40, 30));
    InvalidInput refused =
        assertThrows(
            InvalidInput.class,
            () -> deliverer.deliver(overlay, Target.png(FRAME), folder, "p", Progress.NONE));
    assertTrue(refused.getMessage().contains("tern.png"), refused.getMessage());
    assertFalse(Files.exists(folder.resolve("p.png")));
  }

  @Test
  void anEmptyOverlayHasNothingToTrimTo() {
    Overlay empty = Samples.overlay(FRAME);
    Target target = new Target(FRAME, FileKind.png().with(Extent.TRIMMED));
    assertTrue(deliverer.extent(empty, target).isEmpty());
    assertThrows(
        InvalidInput.class, () -> deliverer.deliver(empty, target, folder, "none", Progress.NONE));
    Delivered whole = one(empty, Target.png(FRAME), "none");
    assertEquals(1, whole.report().clear());
  }

  @Test
  void aStoppedDeliveryLeavesTheOlderFileAndNothingElse() throws IOException {
    Path file = one(OVERLAY, Target.png(FRAME), "bug").file();
    byte[] before = Files.readAllBytes(file);
    assertThrows(
        IllegalStateException.class,
        () ->
            deliverer.deliver(
                Samples.overlay(FRAME),
                Target.png(FRAME),
                folder,
                "bug",
                (done, all) -> {
                  throw new IllegalStateException("stopped");
                }));
    assertArrayEquals(before, Files.readAllBytes(file));
    try (Stream<Path> files = Files.list(folder)) {
      assertEquals(1, files.count());
    }
  }

  @Test
  void aDamagedFileIsRefusedByTheInspector() throws IOException {
    Path file = one(OVERLAY, Target.png(FRAME), "bug").file();
    byte[] bytes = Files.readAllBytes(file);
    bytes[bytes.length / 2] ^= 0x55;
    Files.write(file, bytes);
    assertThrows(InvalidInput.class, () -> FileInspector.inspect(file));
    Path words = Files.writeString(folder.resolve("words.png"), "not a picture");
    assertThrows(InvalidInput.class, () -> FileInspector.inspect(words));
  }

  /** Each is put together side by side within itself too, and none may hold what another needs. */
  @Test
  void manyFilesAtATimeDoNotWaitForEachOther() throws Exception {
    try (ExecutorService files = Executors.newFixedThreadPool(4)) {
      List<Future<List<Delivered>>> all = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        String name = "file-" + i;
        all.add(
            files.submit(
                () ->
                    new Deliverer(Samples.renderer(), Sidecar::toString)
                        .deliver(
                            Samples.lowerThird(Samples.HD),
                            Target.png(Samples.HD),
                            folder,
                            name,
                            Progress.NONE)));
      }
      for (Future<List<Delivered>> one : all) {
        assertEquals(1920, one.get(60, TimeUnit.SECONDS).getFirst().report().width());
      }
    }
  }
}
