package app.diaphan.bench;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.picture.FigureDrawing;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.raster.Bounds;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * SVG files as the world writes them, against what librsvg makes of them: the files of its own
 * tests (Debian's package librsvg2-tests: the W3C's test set, files of reported faults, icons),
 * drawn by its program (librsvg2-bin). Words are taken out first, since their fonts differ.
 */
final class VectorBench {
  private static final Path FILES = Path.of("/usr/libexec/installed-tests/RSVG/fixtures/reftests");

  private static final Path DRAWER = Path.of("/usr/bin/rsvg-convert");
  private static final List<String> TEST_SETS = List.of("svg1.1", "svg2", "bugs", "");
  private static final String ICONS = "adwaita";

  /** How wide icons are drawn, in px, and every which of them, so that it takes a minute or two. */
  private static final Map<Integer, Integer> ICON_WIDTHS =
      new TreeMap<>(Map.of(64, 1, 512, 1, 2160, 8));

  /** Up to this mean difference over what is drawn, in 255ths, a file of the tests is right. */
  private static final double RIGHT = 4;

  private static final double ICON_RIGHT = 1;

  /**
   * Narrower than this, the other's picture is drawn so many times as large and averaged: it
   * measures edges in 17ths of a pixel, which is more than the bar at the size of an icon's lines.
   */
  private static final int NARROW = 100;

  private static final int FINER = 8;

  private static final Pattern WORDS =
      Pattern.compile("<text\\s[^>]*/>|<text[\\s>].*?</text>", Pattern.DOTALL);

  private VectorBench() {}

  /**
   * What became of a file.
   *
   * @param mean difference over the pixels that either draws, premultiplied, in 255ths; infinite if
   *     the file was refused
   * @param told whether something was said of it
   */
  private record Outcome(Path file, double mean, boolean told) {}

  static List<Line> run() throws IOException, InterruptedException {
    if (!Files.isDirectory(FILES) || !Files.isExecutable(DRAWER)) {
      System.err.println(
          "SVG files of the world not compared: librsvg2-tests and librsvg2-bin are not installed.");
      return List.of();
    }
    Path work = Files.createTempDirectory("diaphan-vectors");
    List<Outcome> tests = new ArrayList<>();
    for (String set : TEST_SETS) {
      tests.addAll(outcomes(FILES.resolve(set), work, Optional.empty(), 1));
    }
    List<Line> lines = new ArrayList<>();
    lines.add(
        Line.atLeast(
            "truth/vectors: of " + tests.size() + " files of test sets, right",
            share(tests, RIGHT),
            "%",
            93));
    List<Outcome> all = new ArrayList<>(tests);
    for (int width : ICON_WIDTHS.keySet()) {
      List<Outcome> icons =
          outcomes(FILES.resolve(ICONS), work, Optional.of(width), ICON_WIDTHS.get(width));
      lines.add(
          Line.atLeast(
              "truth/vectors: of " + icons.size() + " icons at " + width + " px, right",
              share(icons, ICON_RIGHT),
              "%",
              99));
      all.addAll(icons);
    }
    List<Outcome> silent = new ArrayList<>();
    for (Outcome outcome : all) {
      if (outcome.mean() > RIGHT && !outcome.told() && !rightByABrowser(outcome.file())) {
        silent.add(outcome);
      }
    }
    silent.forEach(
        outcome ->
            System.err.printf(
                "Wrong without a word: %s, %.1f%n", outcome.file().getFileName(), outcome.mean()));
    lines.add(Line.atMost("truth/vectors: wrong without a word", silent.size(), "", 0));
    return lines;
  }

  /**
   * Whether a browser, which shares nothing with the other program, draws a file as we do: then it
   * is the other that is off, by blurs that are made of boxes.
   */
  private static boolean rightByABrowser(Path file) throws IOException {
    Picture picture =
        PictureReader.readFile(file.getFileName().toString(), Files.readAllBytes(file)).picture();
    int width = (int) Math.ceil(picture.ownWidth());
    int height = (int) Math.ceil(picture.ownHeight());
    try (Playwright playwright = Screen.playwright();
        Browser browser = Screen.browser(playwright)) {
      Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(width, height));
      page.setContent(
          "<body style='margin:0'><img style='display:block' src='data:image/svg+xml;base64,"
              + Base64.getEncoder().encodeToString(Files.readAllBytes(file))
              + "' width="
              + width
              + " height="
              + height
              + ">");
      byte[] shown = page.screenshot(new Page.ScreenshotOptions().setOmitBackground(true));
      return outcome(file, ImageIO.read(new ByteArrayInputStream(shown))).mean() <= RIGHT;
    }
  }

  private static double share(List<Outcome> outcomes, double bar) {
    return 100.0
        * outcomes.stream().filter(outcome -> outcome.mean() <= bar).count()
        / outcomes.size();
  }

  /**
   * @param width of what is drawn, in px; as large as the files say if none
   * @param every which file is drawn, in their names' order
   */
  private static List<Outcome> outcomes(Path folder, Path work, Optional<Integer> width, int every)
      throws IOException, InterruptedException {
    List<Path> files;
    try (Stream<Path> all = Files.list(folder)) {
      files =
          all.filter(file -> file.toString().endsWith(".svg"))
              .filter(file -> Files.exists(reference(file)))
              .sorted()
              .toList();
    }
    List<Outcome> outcomes = new ArrayList<>();
    for (int i = 0; i < files.size(); i += every) {
      Path file = files.get(i);
      String whole = new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
      Path wordless =
          Files.writeString(work.resolve(file.getFileName()), WORDS.matcher(whole).replaceAll(""));
      Path picture = work.resolve(file.getFileName() + ".png");
      if (width.isPresent()) {
        int finer = width.get() < NARROW ? FINER : 1;
        if (drawn(wordless, picture, Optional.of(width.get() * finer))) {
          outcomes.add(outcome(wordless, smaller(ImageIO.read(picture.toFile()), finer)));
        }
      } else if (drawn(wordless, picture, Optional.empty())) {
        outcomes.add(ofItsOwnSize(wordless, picture));
      }
    }
    return outcomes;
  }

  /**
   * The nearer of two: the other's picture as it is, and one that it drew several times as large,
   * averaged (or both as large, if the file is narrow), since it measures edges in 17ths of a pixel
   * and takes filters' steps on whole pixels.
   */
  private static Outcome ofItsOwnSize(Path wordless, Path picture)
      throws IOException, InterruptedException {
    BufferedImage own = ImageIO.read(picture.toFile());
    Outcome outcome = outcome(wordless, own);
    if (outcome.mean() <= RIGHT || !drawn(wordless, picture, Optional.of(own.getWidth() * FINER))) {
      return outcome;
    }
    BufferedImage large = ImageIO.read(picture.toFile());
    Outcome finer = outcome(wordless, own.getWidth() < NARROW ? large : smaller(large, FINER));
    return finer.mean() < outcome.mean() ? finer : outcome;
  }

  /** Files that have a picture beside them are drawn by themselves; others are shown by those. */
  private static Path reference(Path file) {
    String name = file.getFileName().toString();
    return file.resolveSibling(name.substring(0, name.length() - ".svg".length()) + "-ref.png");
  }

  private static boolean drawn(Path file, Path picture, Optional<Integer> width)
      throws IOException, InterruptedException {
    List<String> command = new ArrayList<>(List.of(DRAWER.toString(), "-o", picture.toString()));
    width.ifPresent(pixels -> command.addAll(List.of("-w", pixels.toString())));
    command.add(file.toString());
    Process process =
        new ProcessBuilder(command)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    if (!process.waitFor(20, TimeUnit.SECONDS)) {
      process.destroyForcibly();
      return false;
    }
    return process.exitValue() == 0;
  }

  private static Outcome outcome(Path file, BufferedImage wanted) throws IOException {
    try {
      PictureFile read =
          PictureReader.readFile(file.getFileName().toString(), Files.readAllBytes(file));
      return new Outcome(
          file, difference(drawn(read.picture(), wanted), wanted), !read.notes().isEmpty());
    } catch (InvalidInput refused) {
      return new Outcome(file, Double.POSITIVE_INFINITY, true);
    }
  }

  /** As a piece draws it: in its own proportions, whatever they make of the last row's pixels. */
  private static RasterPicture drawn(Picture picture, BufferedImage wanted) {
    double scale = wanted.getWidth() / picture.ownWidth();
    Bounds bounds = new Bounds(0, 0, wanted.getWidth(), wanted.getHeight());
    float[] pixels =
        FigureDrawing.of(
            ((VectorPicture) picture).figures(AffineTransform.getScaleInstance(scale, scale)),
            bounds);
    return new RasterPicture(bounds.width(), bounds.height(), pixels, true);
  }

  /** So many times smaller by the mean of what each pixel covers; a rest of rows is left away. */
  private static BufferedImage smaller(BufferedImage image, int times) {
    if (times == 1) {
      return image;
    }
    BufferedImage small =
        new BufferedImage(
            image.getWidth() / times, image.getHeight() / times, BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < small.getHeight(); y++) {
      for (int x = 0; x < small.getWidth(); x++) {
        small.setRGB(x, y, mean(image, x * times, y * times, times));
      }
    }
    return small;
  }

  private static int mean(BufferedImage image, int left, int top, int side) {
    double[] sums = new double[4];
    for (int y = top; y < top + side; y++) {
      for (int x = left; x < left + side; x++) {
        int pixel = image.getRGB(x, y);
        for (int c = 0; c < 3; c++) {
          sums[c] += (pixel >> 16 - 8 * c & 255) * (double) (pixel >>> 24);
        }
        sums[3] += pixel >>> 24;
      }
    }
    int argb = (int) Math.round(sums[3] / (side * side)) << 24;
    for (int c = 0; c < 3; c++) {
      argb |= (int) Math.round(sums[3] == 0 ? 0 : sums[c] / sums[3]) << 16 - 8 * c;
    }
    return argb;
  }

  private static double difference(RasterPicture drawn, BufferedImage wanted) {
    double sum = 0;
    long count = 0;
    for (int y = 0; y < wanted.getHeight(); y++) {
      for (int x = 0; x < wanted.getWidth(); x++) {
        boolean within = x < drawn.width() && y < drawn.height();
        int at = 4 * (y * drawn.width() + x);
        int pixel = wanted.getRGB(x, y);
        int alpha = pixel >>> 24;
        double own = within ? 255 * drawn.value(at + 3) : 0;
        double worst = Math.abs(own - alpha);
        for (int c = 0; c < 3; c++) {
          double colour = within ? 255 * drawn.value(at + c) : 0;
          double theirs = (pixel >> 16 - 8 * c & 255) * alpha / 255.0;
          worst = Math.max(worst, Math.abs(colour - theirs));
        }
        if (alpha > 0 || own > 0) {
          sum += worst;
          count++;
        }
      }
    }
    return count == 0 ? 0 : sum / count;
  }
}
