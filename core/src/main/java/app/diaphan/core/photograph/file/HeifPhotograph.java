package app.diaphan.core.photograph.file;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.photograph.metadata.Metadata;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;

/**
 * A HEIC or AVIF file, read by libheif's own command where it is installed: in a process of its
 * own, for so long and with so much memory. It comes upright, with the colours that it has.
 */
final class HeifPhotograph extends RowPhotograph {
  /** What the command is called, newest first. */
  private static final List<String> COMMANDS = List.of("heif-dec", "heif-convert");

  private static final long SECONDS = 60;
  private static final int MOST_MEMORY_KIB = 3 << 20;

  private final BufferedImage image;

  private HeifPhotograph(PhotographFormat format, BufferedImage image, Metadata metadata) {
    super(
        new PhotographFacts(
            format,
            image.getWidth(),
            image.getHeight(),
            Byte.SIZE,
            OwnColours.of(metadata.profile(), 3),
            metadata.upright(),
            List.of()));
    this.image = image;
  }

  static HeifPhotograph of(Path path, PhotographFormat format) throws IOException {
    String name = path.getFileName().toString();
    Path work = Files.createTempDirectory("diaphan-photograph");
    Path png = work.resolve("photograph.png");
    try {
      run(name, format, path, png);
      if (!Files.exists(png)) {
        throw new IOException("nothing came of it");
      }
      BufferedImage image = ImageIO.read(png.toFile());
      return new HeifPhotograph(format, image, PngPhotograph.of(png).metadata());
    } finally {
      try (DirectoryStream<Path> left = Files.newDirectoryStream(work)) {
        for (Path file : left) {
          Files.deleteIfExists(file);
        }
      }
      Files.deleteIfExists(work);
    }
  }

  private static void run(String name, PhotographFormat format, Path from, Path to)
      throws IOException {
    for (String command : COMMANDS) {
      Process process =
          new ProcessBuilder(
                  "/bin/sh",
                  "-c",
                  // 127 is the shell's own word for a command that is not there.
                  "ulimit -v "
                      + MOST_MEMORY_KIB
                      + "; command -v \"$0\" > /dev/null || exit 127; exec \"$0\" \"$1\" \"$2\"",
                  command,
                  from.toAbsolutePath().toString(),
                  to.toString())
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start();
      if (ended(name, process) != 127) {
        return;
      }
    }
    throw new InvalidInput(
        Sentence.of(
            "\"%s\" is a %s file. Those are read where libheif's command is installed, which it is not here (on Debian: apt install libheif-examples). Install it, or export the photograph as JPEG.",
            name, format.words()));
  }

  private static int ended(String name, Process process) {
    try {
      if (!process.waitFor(SECONDS, TimeUnit.SECONDS)) {
        throw new InvalidInput(
            Sentence.of(
                "\"%s\" takes longer than %d seconds to read and was left out; export it as JPEG.",
                name, SECONDS));
      }
      return process.exitValue();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new InvalidInput(Sentence.of("Reading \"%s\" was called off.", name), e);
    } finally {
      process.destroyForcibly();
    }
  }

  @Override
  RowSource decoded() {
    return new ImageRows(image);
  }
}
