package app.diaphan.bench;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Pictures that libraries are tested with (bench/fetch-pictures.sh), against what Pillow,
 * ImageMagick and ffmpeg make of them (bench/decode-pictures.py): the nearest of them counts, since
 * they differ among themselves.
 */
final class PictureBench {
  private static final String FOLDER = "DIAPHAN_TEST_PICTURES";

  private static final List<String> SETS = List.of("pngsuite", "bmpsuite", "libtiff", "pillow");

  /**
   * Made damaged by those who made the sets; what is right for them nobody can say, and decoders
   * differ. They are read all the same.
   */
  private static final Pattern DAMAGED =
      Pattern.compile("bmpsuite/b/.*|pngsuite/crashers/.*|pillow/(crash-|tiff_overflow).*");

  /** Up to this mean difference, premultiplied, in 255ths, nobody sees one. */
  private static final double RIGHT = 2;

  private PictureBench() {}

  /**
   * @param away mean difference from the nearest decoder in 255ths; nothing if none read the file
   * @param said why it was refused, or what is noted of it; empty for nothing
   */
  private record Outcome(Path file, Optional<Double> away, boolean refused, String said) {
    /** Whether the designer gets another picture than others do, and no word of it. */
    boolean wrong() {
      return !refused && said.isEmpty() && away.isPresent() && away.get() > RIGHT;
    }

    boolean right() {
      return !refused && away.isPresent() && away.get() <= RIGHT;
    }
  }

  static List<Line> run(Demo demo) throws IOException, InterruptedException {
    String named = System.getenv(FOLDER);
    if (named == null) {
      System.err.println(
          "Pictures of the world not compared: name their folder by "
              + FOLDER
              + " (bench/fetch-pictures.sh).");
      return List.of();
    }
    Path folder = Path.of(named);
    Path decoded = folder.resolveSibling(folder.getFileName() + "-decoded");
    if (!Files.exists(decoded.resolve("names.txt"))) {
      decode(demo, folder, decoded);
    }
    List<Line> lines = new ArrayList<>();
    List<String> names = Files.readAllLines(decoded.resolve("names.txt"));
    for (String set : SETS) {
      List<Outcome> outcomes = new ArrayList<>();
      for (int i = 0; i < names.size(); i++) {
        Path file = Path.of(names.get(i));
        String name = folder.relativize(file).toString();
        if (name.startsWith(set + "/")) {
          Outcome outcome = outcome(file, decoded, i);
          if (!DAMAGED.matcher(name).matches()) {
            outcomes.add(outcome);
          }
        }
      }
      tell(outcomes);
      lines.add(
          Line.atMost(
              "truth/pictures: wrong without a word, of "
                  + outcomes.stream().filter(Outcome::right).count()
                  + " right in "
                  + set,
              outcomes.stream().filter(Outcome::wrong).count(),
              "",
              0));
    }
    return lines;
  }

  private static void decode(Demo demo, Path folder, Path decoded)
      throws IOException, InterruptedException {
    Process process =
        new ProcessBuilder(
                "python3",
                demo.root().resolve("bench/decode-pictures.py").toString(),
                folder.toString(),
                decoded.toString())
            .inheritIO()
            .start();
    if (!process.waitFor(20, TimeUnit.MINUTES) || process.exitValue() != 0) {
      throw new IOException("The pictures could not be decoded by others.");
    }
  }

  private static Outcome outcome(Path file, Path decoded, int number) throws IOException {
    PictureFile read;
    List<Path> others = others(decoded, number);
    try {
      read = PictureReader.readFile(file.getFileName().toString(), Files.readAllBytes(file));
    } catch (InvalidInput e) {
      return new Outcome(
          file, others.isEmpty() ? Optional.empty() : Optional.of(0.0), true, e.getMessage());
    }
    String said = String.join(" ", read.notes());
    if (!(read.picture() instanceof RasterPicture picture)) {
      return new Outcome(file, Optional.empty(), false, said);
    }
    List<Double> away = new ArrayList<>();
    for (Path other : others) {
      away.add(difference(picture, other));
    }
    return new Outcome(file, away.stream().min(Comparator.naturalOrder()), false, said);
  }

  private static List<Path> others(Path decoded, int number) throws IOException {
    try (Stream<Path> files = Files.list(decoded)) {
      return files.filter(file -> file.getFileName().toString().startsWith(number + ".")).toList();
    }
  }

  /** Of all values, premultiplied; infinite between pictures of other sizes. */
  private static double difference(RasterPicture picture, Path other) throws IOException {
    ByteBuffer content = ByteBuffer.wrap(Files.readAllBytes(other)).order(ByteOrder.LITTLE_ENDIAN);
    if (content.getInt() != picture.width() || content.getInt() != picture.height()) {
      return Double.POSITIVE_INFINITY;
    }
    double sum = 0;
    byte[] pixel = new byte[4];
    for (int i = 0; i < picture.valueCount(); i += 4) {
      content.get(pixel);
      double alpha = (pixel[3] & 0xff) / 255.0;
      for (int c = 0; c < 3; c++) {
        sum += Math.abs(255 * picture.value(i + c) - (pixel[c] & 0xff) * alpha);
      }
      sum += Math.abs(255 * picture.value(i + 3) - (pixel[3] & 0xff));
    }
    return sum / picture.valueCount();
  }

  private static void tell(List<Outcome> outcomes) {
    for (Outcome outcome : outcomes) {
      if (outcome.right()) {
        continue;
      }
      String what;
      if (outcome.refused()) {
        what = outcome.away().isPresent() ? "refused, others read it" : "refused, as by all";
      } else {
        what =
            outcome.away().map(away -> String.valueOf(Math.rint(away * 100) / 100)).orElse("alone");
      }
      System.err.println(
          outcome.file().getParent().getFileName()
              + "/"
              + outcome.file().getFileName()
              + ": "
              + what
              + (outcome.said().isEmpty() ? "" : ": " + outcome.said()));
    }
  }
}
