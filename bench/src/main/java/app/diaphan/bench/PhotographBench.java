package app.diaphan.bench;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.RenderedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/**
 * The demo's watermark on photographs of 12 megapixels by command, whole, beside what others make
 * of them in the same run where they are installed: a script with Pillow and two processes,
 * ImageMagick and libvips, which code each photograph anew.
 */
final class PhotographBench {
  private static final int COUNT = 200;
  private static final int MANY = 1000;
  private static final int WIDTH = 4000;
  private static final int HEIGHT = 3000;
  private static final int LARGE_WIDTH = 12_000;
  private static final int LARGE_HEIGHT = 8400;
  private static final int DIFFERENT = 6;
  private static final String MARK = "Photographer's watermark";

  private final Path root;
  private final Path work;

  private PhotographBench(Path root, Path work) {
    this.root = root;
    this.work = work;
  }

  static List<Line> run() throws IOException, InterruptedException {
    Path work = Files.createTempDirectory("diaphan-photographs");
    try {
      return new PhotographBench(Path.of(System.getProperty("diaphan.root", ".")), work).lines();
    } finally {
      try (Stream<Path> files = Files.walk(work)) {
        files.sorted(java.util.Comparator.reverseOrder()).map(Path::toFile).forEach(File::delete);
      }
    }
  }

  private List<Line> lines() throws IOException, InterruptedException {
    Path photographs = photographs("twelve", WIDTH, HEIGHT, COUNT, DIFFERENT);
    Path mark = mark();
    List<Line> lines = new ArrayList<>();
    OptionalDouble before = pillow(photographs, mark);
    double own = COUNT / seconds(photographs, "2g", "--size", "40%", "--dress", "auto");
    OptionalDouble after = pillow(photographs, mark);
    lines.add(
        Line.atLeast(
            "photographs/" + COUNT + " of 12 megapixels, the whole command", own, "a second", 10));
    if (before.isPresent() && after.isPresent()) {
      double pillow = (before.getAsDouble() + after.getAsDouble()) / 2;
      System.err.printf("Pillow with two processes made %.1f a second meanwhile.%n", pillow);
      lines.add(
          Line.atLeast(
              "photographs/beside a script with Pillow and two processes", own / pillow, "×", 1));
    }
    composite(photographs, mark)
        .ifPresent(
            other ->
                lines.add(
                    Line.atLeast(
                        "photographs/beside ImageMagick, one at a time", own / other, "×", 3)));
    vips(photographs, mark)
        .ifPresent(other -> System.err.printf("libvips made %.1f a second meanwhile.%n", other));
    Path large = photographs("large", LARGE_WIDTH, LARGE_HEIGHT, 2, 1);
    lines.add(
        Line.atMost(
            "photographs/two of 100 megapixels at a heap of 512 MiB",
            seconds(large, "512m"),
            "s",
            60));
    Path many = photographs("many", 1200, 800, MANY, DIFFERENT);
    double some = seconds(many, "160m", "--part", "1/5");
    double all = seconds(many, "160m");
    lines.add(
        Line.atMost(
            "photographs/" + MANY + " at a heap of 160 MiB, time for one beside that of a fifth",
            all / 5 / some,
            "×",
            1.2));
    return lines;
  }

  /** Photograph-like pictures; some of them many times under names of their own. */
  private Path photographs(String name, int width, int height, int count, int different)
      throws IOException {
    Path folder = Files.createDirectories(work.resolve(name));
    List<Path> scenes;
    try (Stream<Path> files = Files.list(root.resolve("demo/photographs"))) {
      scenes = files.sorted().toList();
    }
    List<Path> made = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Path file = folder.resolve("photograph-%04d.jpg".formatted(i));
      if (i < different) {
        write(scene(scenes.get(i * 2 % scenes.size()), width, height, i), file);
        made.add(file);
      } else {
        Files.createLink(file, made.get(i % different));
      }
    }
    return folder;
  }

  /** With the grain of a sensor, which is most of what there is to code. */
  private static BufferedImage scene(Path from, int width, int height, int seed)
      throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.drawImage(ImageIO.read(from.toFile()), 0, 0, width, height, null);
    g.dispose();
    Random random = new Random(seed);
    byte[] samples = ((java.awt.image.DataBufferByte) image.getRaster().getDataBuffer()).getData();
    for (int i = 0; i < samples.length; i++) {
      int value = (samples[i] & 0xff) + (int) (4 * random.nextGaussian());
      samples[i] = (byte) Math.clamp(value, 0, 255);
    }
    return image;
  }

  private static void write(RenderedImage image, Path file) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(0.9f);
    try (ImageOutputStream out = ImageIO.createImageOutputStream(file.toFile())) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
  }

  /** The whole command with its start. */
  private double seconds(Path photographs, String heap, String... more)
      throws IOException, InterruptedException {
    List<String> command =
        new ArrayList<>(
            List.of(
                root.resolve("diaphan").toString(),
                "mark",
                root.resolve("demo/lantern-reach-regatta").toString(),
                photographs.toString(),
                "--overlay",
                MARK,
                "--to",
                work.resolve("marked").toString()));
    command.addAll(List.of(more));
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().put("DIAPHAN_JAVA_OPTIONS", "-Xmx" + heap);
    long began = System.nanoTime();
    if (!ended(builder)) {
      throw new IOException("Photographs were not marked: " + command);
    }
    return (System.nanoTime() - began) / 1e9;
  }

  private static boolean ended(ProcessBuilder builder) throws IOException, InterruptedException {
    Process process =
        builder
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    return process.waitFor(15, TimeUnit.MINUTES) && process.exitValue() == 0;
  }

  /** What the others lay over: the mark as it is at this size. */
  private Path mark() throws IOException {
    BufferedImage mark = new BufferedImage(1190, 135, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = mark.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setColor(new java.awt.Color(255, 255, 255, 140));
    g.setFont(new java.awt.Font(java.awt.Font.SERIF, java.awt.Font.PLAIN, 110));
    g.drawString("Maren Oakhollow", 10, 105);
    g.dispose();
    Path file = work.resolve("mark.png");
    ImageIO.write(mark, "png", file.toFile());
    return file;
  }

  private OptionalDouble pillow(Path photographs, Path mark)
      throws IOException, InterruptedException {
    if (!installed("python3", "-c", "import PIL")) {
      return OptionalDouble.empty();
    }
    Path to = Files.createDirectories(work.resolve("pillow"));
    long began = System.nanoTime();
    boolean done =
        ended(
            new ProcessBuilder(
                "python3",
                root.resolve("bench/mark-photographs.py").toString(),
                photographs.toString(),
                mark.toString(),
                to.toString()));
    return done
        ? OptionalDouble.of(COUNT / ((System.nanoTime() - began) / 1e9))
        : OptionalDouble.empty();
  }

  private Optional<Double> composite(Path photographs, Path mark)
      throws IOException, InterruptedException {
    return oneByOne(
        photographs,
        file ->
            List.of(
                "composite",
                "-gravity",
                "southeast",
                "-geometry",
                "+90+90",
                mark.toString(),
                file.toString(),
                work.resolve("other.jpg").toString()));
  }

  private Optional<Double> vips(Path photographs, Path mark)
      throws IOException, InterruptedException {
    return oneByOne(
        photographs,
        file ->
            List.of(
                "vips",
                "composite2",
                file.toString(),
                mark.toString(),
                work.resolve("other.jpg") + "[Q=90]",
                "over",
                "--x",
                "2720",
                "--y",
                "2775"));
  }

  @FunctionalInterface
  private interface Command {
    List<String> of(Path photograph);
  }

  private static Optional<Double> oneByOne(Path photographs, Command command)
      throws IOException, InterruptedException {
    List<Path> some;
    try (Stream<Path> files = Files.list(photographs)) {
      some = files.sorted().limit(2L * DIFFERENT).toList();
    }
    if (!installed("sh", "-c", "command -v " + command.of(some.getFirst()).getFirst())) {
      return Optional.empty();
    }
    long began = System.nanoTime();
    for (Path file : some) {
      if (!ended(new ProcessBuilder(command.of(file)))) {
        return Optional.empty();
      }
    }
    return Optional.of(some.size() / ((System.nanoTime() - began) / 1e9));
  }

  private static boolean installed(String... command) throws InterruptedException {
    try {
      return ended(new ProcessBuilder(command));
    } catch (IOException e) {
      return false;
    }
  }
}
