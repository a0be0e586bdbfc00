package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.memory.NoRoom;
import app.diaphan.core.memory.Permits;
import java.awt.Color;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files made to hurt: none takes the reader down, keeps it for long or goes unanswered. */
class HostileFilesTest {
  private static final Duration PATIENCE = Duration.ofSeconds(60);

  /** What never comes to an end is waited for less long than by the program. */
  private static final DecodingLimits SHORT = new DecodingLimits(4, new Permits(1L << 30));

  /** Harmless, however it looks: it is read, within the time. */
  private static void read(String name, byte[] bytes) {
    assertTimeoutPreemptively(
        PATIENCE,
        () -> {
          PictureFile file = PictureReader.readFile(name, bytes, SHORT);
          if (file.picture() instanceof VectorPicture vector) {
            vector.asPaint();
          }
        });
  }

  /** Not taken in, within the time, and said so. */
  private static void refused(String name, byte[] bytes, String said) {
    refused(name, bytes, said, SHORT);
  }

  private static void refused(String name, byte[] bytes, String said, DecodingLimits limits) {
    InvalidInput refused =
        assertTimeoutPreemptively(
            PATIENCE,
            () ->
                assertThrows(
                    InvalidInput.class, () -> PictureReader.readFile(name, bytes, limits), name));
    assertTrue(refused.getMessage().contains(said), refused.getMessage());
    assertTrue(refused.getMessage().contains('"' + name + '"'), refused.getMessage());
  }

  private static byte[] svg(String content) {
    return ("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='100' height='100'>"
            + content
            + "</svg>")
        .getBytes(StandardCharsets.UTF_8);
  }

  static IntStream depths() {
    return IntStream.of(2_000, 200_000);
  }

  @ParameterizedTest
  @MethodSource("depths")
  void groupsWithinGroupsWithoutEnd(int depth) {
    refused(
        "deep.svg",
        svg("<g>".repeat(depth) + "<rect width='9' height='9'/>" + "</g>".repeat(depth)),
        "damaged or is no SVG");
  }

  /** With marks, which only the library for trees knows: it must not be led astray either. */
  @ParameterizedTest
  @ValueSource(strings = {"<rect width='9' height='9'/>", ""})
  void usesOfUsesAreNotWrittenOut(String used) {
    StringBuilder file = new StringBuilder(MARKED + "<defs><g id='u0'>" + used + "</g>");
    for (int i = 1; i <= 15; i++) {
      file.append("<g id='u%d'>".formatted(i))
          .append("<use xlink:href='#u%d'/>".formatted(i - 1).repeat(8))
          .append("</g>");
    }
    file.append("</defs><use xlink:href='#u15'/></svg>");
    InvalidInput refused =
        assertTimeoutPreemptively(
            Duration.ofSeconds(30),
            () ->
                assertThrows(
                    InvalidInput.class,
                    () ->
                        PictureReader.readFile(
                            "uses.svg", file.toString().getBytes(StandardCharsets.UTF_8), SHORT)));
    assertTrue(refused.getMessage().contains("simpl"), refused.getMessage());
  }

  private static final String MARKED =
      "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='900' height='600'>"
          + "<marker id='m'/><path d='M0 0h9' marker-end='url(#m)'/>";

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<feTurbulence baseFrequency='.1' numOctaves='1000000'/>",
        "<feMorphology radius='100000'/>",
        "<feGaussianBlur stdDeviation='1000000'/>",
        "<feFlood x='0' y='0' width='0.01' height='1e-3'/><feTile/>",
        "<feOffset dx='1e9'/><feTile/>"
      })
  void filtersWithoutBoundsEndInTime(String steps) {
    String file =
        MARKED
            + "<filter id='f' x='-1e6' y='-1e6' width='2e6' height='2e6' filterUnits='userSpaceOnUse'>"
            + steps
            + "</filter><rect width='900' height='500' filter='url(#f)'/></svg>";
    assertTimeoutPreemptively(
        Duration.ofSeconds(20),
        () -> PictureReader.read("filter.svg", file.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void usesThatDoubleAtEveryStep() {
    StringBuilder content = new StringBuilder("<defs><g id='a0'><rect width='9' height='9'/></g>");
    for (int i = 1; i <= 30; i++) {
      content.append(
          "<g id='a%d'><use xlink:href='#a%d'/><use xlink:href='#a%d'/></g>"
              .formatted(i, i - 1, i - 1));
    }
    refused(
        "doubling.svg", svg(content + "</defs><use xlink:href='#a30'/>"), "damaged or is no SVG");
  }

  @Test
  void usesAndPatternsThatMeanThemselves() {
    refused(
        "self.svg",
        svg("<g id='a'><use xlink:href='#a'/><rect width='5' height='5'/></g>"),
        "damaged or is no SVG");
    refused(
        "pattern.svg",
        svg(
            "<pattern id='p' width='9' height='9' patternUnits='userSpaceOnUse'><rect width='9' height='9' fill='url(#p)'/></pattern><rect width='90' height='90' fill='url(#p)'/>"),
        "damaged or is no SVG");
    refused(
        "mask.svg",
        svg(
            "<mask id='m'><rect width='9' height='9' mask='url(#m)' fill='white'/></mask><rect width='90' height='90' mask='url(#m)'/>"),
        "damaged or is no SVG");
  }

  @Test
  void entitiesThatGrowAreNotGrown() {
    StringBuilder file =
        new StringBuilder("<?xml version='1.0'?><!DOCTYPE svg [<!ENTITY l0 'lamp'>");
    for (int i = 1; i < 12; i++) {
      file.append("<!ENTITY l%d '%s'>".formatted(i, ("&l" + (i - 1) + ";").repeat(10)));
    }
    file.append(
        "]><svg xmlns='http://www.w3.org/2000/svg' width='90' height='90'><text>&l11;</text></svg>");
    refused("lamps.svg", file.toString().getBytes(StandardCharsets.UTF_8), "damaged or is no SVG");
  }

  @Test
  void hugeNumbersInShapes() {
    read(
        "numbers.svg",
        svg(
            "<rect width='1e30' height='1e30' fill='red'/><circle r='1e-30'/><path d='M0 0L1e38 1e38L-1e38 1e9Z' stroke='red' stroke-width='1e20'/><line x2='1e5' stroke='red' stroke-dasharray='0.01'/>"));
  }

  @Test
  void aFilterOverMoreThanThereIsMemoryFor() {
    refused(
        "filter.svg",
        svg(
            "<filter id='f' x='-9999' y='-9999' width='99999' height='99999'><feGaussianBlur stdDeviation='900'/></filter><rect width='50' height='50' filter='url(#f)'/>"),
        "took longer",
        new DecodingLimits(0.5, new Permits(1L << 30)));
  }

  @Test
  void aFormThatShowsItself() throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(90, 90));
      document.addPage(page);
      PDFormXObject form = new PDFormXObject(document);
      form.setBBox(new PDRectangle(90, 90));
      PDResources resources = new PDResources();
      COSName name = resources.add(form);
      form.setResources(resources);
      try (var out = form.getContentStream().createOutputStream()) {
        out.write(("/" + name.getName() + " Do 0 0 9 9 re f").getBytes());
      }
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.drawForm(form);
      }
      read("form.pdf", bytes(document));
    }
  }

  @Test
  void aTreeOfPagesThatHangsFromItself() throws IOException {
    try (PDDocument document = new PDDocument()) {
      document.addPage(new PDPage(new PDRectangle(90, 90)));
      COSDictionary root =
          document.getDocumentCatalog().getCOSObject().getCOSDictionary(COSName.PAGES);
      COSArray kids = root.getCOSArray(COSName.KIDS);
      kids.add(root);
      root.setInt(COSName.COUNT, 100);
      refused("tree.pdf", bytes(document), "is damaged");
    }
  }

  private static byte[] bytes(PDDocument document) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    document.save(out);
    return out.toByteArray();
  }

  @Test
  void profilesAndNotesThatInflateWithoutEnd() {
    byte[] zeros = new byte[100 << 20];
    byte[] packed = PngFile.deflated(zeros);
    byte[] note = new byte[packed.length + 4];
    note[0] = 'n';
    System.arraycopy(packed, 0, note, 3, packed.length);
    read("note.png", new PngFile(1, 1, 8, 2).chunk("zTXt", note).pixels(new byte[4]));
    read("profile.png", new PngFile(1, 1, 8, 2).chunk("iCCP", note).pixels(new byte[4]));
    read("pixels.png", new PngFile(1, 1, 8, 2).pixels(Arrays.copyOf(zeros, 50 << 20)));
  }

  @Test
  void headersThatPromiseMoreThanThereIs() {
    refused("short.png", new PngFile(7000, 7000, 16, 6).pixels(new byte[10]), "cut short");
    byte[] gif = "GIF89a".getBytes();
    byte[] huge = Arrays.copyOf(gif, 60);
    Arrays.fill(huge, 6, 10, (byte) 0xff);
    refused("huge.gif", huge, "cut short");
    byte[] bmp = new byte[60];
    bmp[0] = 'B';
    bmp[1] = 'M';
    bmp[14] = 40;
    Arrays.fill(bmp, 18, 25, (byte) 0x7f);
    bmp[28] = 24;
    refused("huge.bmp", bmp, "cut short");
    byte[] tiff = {'I', 'I', 42, 0, 8, 0, 0, 0, (byte) 0xff, (byte) 0xff, 0, 1, 4, 0, 1, 0, 0, 0};
    refused("fields.tif", Arrays.copyOf(tiff, 400), "cut short");
  }

  @Test
  void aDecoderThatNeverEndsIsGivenUpOn() {
    AtomicBoolean stopped = new AtomicBoolean();
    DecodingLimits limits = new DecodingLimits(0.2, new Permits(1));
    InvalidInput refused =
        assertThrows(
            InvalidInput.class,
            () ->
                limits.run(
                    "loop.png",
                    0,
                    () -> {
                      while (!Thread.currentThread().isInterrupted()) {
                        Thread.onSpinWait();
                      }
                      stopped.set(true);
                      return 1;
                    }));
    assertTrue(refused.getMessage().contains("loop.png"), refused.getMessage());
    assertTrue(refused.getMessage().contains("longer"), refused.getMessage());
    assertTimeoutPreemptively(
        PATIENCE,
        () -> {
          while (!stopped.get()) {
            Thread.sleep(5);
          }
        });
    assertEquals(7, limits.run("next.png", 0, () -> 7), "the next one has its turn");
  }

  @Test
  void memoryIsPromisedToADecoderUntilItHasReallyEnded() throws InterruptedException {
    CountDownLatch end = new CountDownLatch(1);
    Permits permits = new Permits(1 << 20);
    long all = permits.free();
    DecodingLimits limits = new DecodingLimits(0.1, permits);
    assertThrows(
        InvalidInput.class,
        () ->
            limits.run(
                "deaf.png",
                1 << 19,
                () -> {
                  boolean waiting = true;
                  while (waiting) {
                    try {
                      end.await();
                      waiting = false;
                    } catch (InterruptedException e) {
                      // A decoder that does not listen.
                    }
                  }
                  return 1;
                }));
    assertTrue(permits.free() < all, "it still works");
    end.countDown();
    assertTimeoutPreemptively(
        PATIENCE,
        () -> {
          while (permits.free() < all) {
            Thread.sleep(5);
          }
        });
  }

  @Test
  void aVectorPictureThatDrawsWithoutEndStopsOnceItIsGivenUpOn() {
    DecodingLimits limits = new DecodingLimits(0.3, new Permits(1));
    FigureList figures = new FigureList();
    Thread[] worker = new Thread[1];
    assertThrows(
        InvalidInput.class,
        () ->
            limits.run(
                "loop.svg",
                0,
                () -> {
                  worker[0] = Thread.currentThread();
                  for (int i = 0; ; i++) {
                    if (i % 5_000 == 0) {
                      figures.add(null);
                    }
                    Thread.onSpinWait();
                  }
                }));
    assertTimeoutPreemptively(PATIENCE, () -> worker[0].join());
  }

  /** Ten steps of ninety groups can be taken in a thousand thousand million ways. */
  @Test
  void aSelectorThatCanBeTriedInTooManyWaysStopsOnceItIsGivenUpOn() {
    DecodingLimits limits = new DecodingLimits(0.5, new Permits(1));
    String file =
        "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><style>x "
            + "g ".repeat(10)
            + "rect {fill: red}</style>"
            + "<g>".repeat(90)
            + "<rect width='9' height='9'/>"
            + "</g>".repeat(90)
            + "</svg>";
    Thread[] worker = new Thread[1];
    assertThrows(
        InvalidInput.class,
        () ->
            limits.run(
                "ways.svg",
                0,
                () -> {
                  worker[0] = Thread.currentThread();
                  return SvgReader.read("ways.svg", file.getBytes(StandardCharsets.UTF_8));
                }));
    assertTimeoutPreemptively(PATIENCE, () -> worker[0].join());
  }

  @ParameterizedTest
  @ValueSource(strings = {"<fea ", "<pattern ", "filter:url(", "url(#", " ", "@media ("})
  void whatIsLookedForInAFileTakesNoLongerThanTheFileIsLong(String again) {
    String many = again.repeat(600_000 / again.length());
    String file =
        "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><style><![CDATA["
            + many.substring(0, 200_000)
            + "]]></style><desc><![CDATA["
            + many
            + "]]></desc><rect width='9' height='9' fill='"
            + many.replace("<", "")
            + "' transform='"
            + many.replace("<", "")
            + "'/></svg>";
    assertTimeoutPreemptively(
        PATIENCE, () -> SvgReader.read("long.svg", file.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void aVectorPictureDrawnAnewHasItsTimeToo() {
    FigureList figures = new FigureList(0.2);
    InvalidInput refused =
        assertTimeoutPreemptively(
            PATIENCE,
            () ->
                assertThrows(
                    InvalidInput.class,
                    () -> {
                      while (true) {
                        figures.add(SQUARE);
                        Thread.sleep(10);
                      }
                    }));
    assertTrue(refused.getMessage().contains("too long"), refused.getMessage());
    assertTrue(figures.figures().size() < 25, "it stopped by the clock");
  }

  private static final Figure SQUARE =
      new Figure.Filled(new Rectangle(9, 9), Color.BLACK, new AffineTransform(), 1, List.of());

  @Test
  void wantOfMemoryAndOfStackIsSaidInWords() {
    DecodingLimits limits = new DecodingLimits(30, new Permits(1));
    NoRoom full =
        assertThrows(
            NoRoom.class,
            () ->
                limits.run(
                    "full.png",
                    0,
                    () -> {
                      throw new OutOfMemoryError();
                    }));
    assertTrue(full.getMessage().contains("memory"), full.getMessage());
    InvalidInput deep =
        assertThrows(InvalidInput.class, () -> limits.run("deep.png", 0, () -> deeper(1)));
    assertTrue(deep.getMessage().contains("nested"), deep.getMessage());
  }

  private static long deeper(long by) {
    return 1 + deeper(by + 1) + by;
  }
}
