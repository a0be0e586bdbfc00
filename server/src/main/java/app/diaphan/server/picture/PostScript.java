package app.diaphan.server.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.picture.PictureReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * Makes PDF files of PostScript and EPS files as they are taken in, by Ghostscript where it is
 * installed. PostScript is a language for programs, so each runs in a process of its own that may
 * read and write nothing but its two files, for so long and no longer. The PDF file is what is
 * kept: a package must not need Ghostscript to be opened elsewhere.
 */
@Component
public class PostScript {
  private static final List<byte[]> BEGINNINGS =
      List.of(
          "%!PS".getBytes(StandardCharsets.ISO_8859_1),
          // A head for other systems, with a small picture behind the drawing.
          new byte[] {(byte) 0xc5, (byte) 0xd0, (byte) 0xd3, (byte) 0xc6});

  private static final int MOST_MEMORY_KIB = 512 << 10;
  private static final long LOOKED_AFTER_MILLISECONDS = 50;

  private final String program;
  private final long seconds;

  @Autowired
  PostScript() {
    this("gs", 20);
  }

  /**
   * @param program Ghostscript's, as a path or a name that is looked for
   * @param seconds that one file may take
   */
  PostScript(String program, long seconds) {
    this.program = program;
    this.seconds = seconds;
  }

  /** Whether a file begins as PostScript or EPS files do. */
  public static boolean is(byte[] file) {
    return BEGINNINGS.stream()
        .anyMatch(
            beginning ->
                file.length > beginning.length
                    && Arrays.equals(file, 0, beginning.length, beginning, 0, beginning.length));
  }

  /**
   * @param name how error sentences call the file
   * @throws InvalidInput if Ghostscript is not there, or makes nothing of the file within the
   *     limits
   */
  public byte[] asPdf(String name, byte[] file) {
    Path work = null;
    try {
      work = Files.createTempDirectory("postscript");
      Path from = Files.write(work.resolve("drawing.eps"), file);
      Path to = work.resolve("drawing.pdf");
      await(name, started(name, work, from, to), to);
      if (!Files.exists(to) || Files.size(to) == 0) {
        throw unreadable(name);
      }
      return Files.readAllBytes(to);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      if (work != null) {
        FileSystemUtils.deleteRecursively(work.toFile());
      }
    }
  }

  private Process started(String name, Path work, Path from, Path to) {
    ProcessBuilder builder =
        new ProcessBuilder(
            program,
            "-q",
            "-dSAFER",
            "-dBATCH",
            "-dNOPAUSE",
            "-dNOPROMPT",
            "-K" + MOST_MEMORY_KIB,
            "-dEPSCrop",
            "-sDEVICE=pdfwrite",
            "-dAutoRotatePages=/None",
            // Pictures in it stay as they are: the default packs them with loss.
            "-dAutoFilterColorImages=false",
            "-dAutoFilterGrayImages=false",
            "-dColorImageFilter=/FlateEncode",
            "-dGrayImageFilter=/FlateEncode",
            // The same file gives the same bytes, which are kept once.
            "-dOmitInfoDate=true",
            "-dOmitID=true",
            "-dOmitXMP=true",
            "-sOutputFile=" + to.toString().replace("%", "%%"), // A single one would number pages.
            from.toString());
    builder
        .directory(work.toFile())
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .redirectError(ProcessBuilder.Redirect.DISCARD);
    // It lets a program into the folder for temporary files: that must be its own.
    builder.environment().keySet().removeIf(variable -> variable.startsWith("GS"));
    for (String variable : new String[] {"TMPDIR", "TEMP", "TMP"}) {
      builder.environment().put(variable, work.toString());
    }
    try {
      return builder.start();
    } catch (IOException e) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is a PostScript file. Diaphan takes those in where Ghostscript is installed, which it is not here (on Debian: apt install ghostscript). Install it, or export the drawing as SVG or PDF.",
              name),
          e);
    }
  }

  /** Looks at how much was written meanwhile, so that no file fills the disk. */
  private void await(String name, Process process, Path to) throws IOException {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
    try {
      while (!process.waitFor(LOOKED_AFTER_MILLISECONDS, TimeUnit.MILLISECONDS)) {
        if (System.nanoTime() - end > 0) {
          throw new InvalidInput(
              Sentence.of(
                  "The PostScript file \"%s\" takes longer than %d seconds to draw and was not taken in; export the drawing as SVG or PDF.",
                  name, seconds));
        }
        if (Files.exists(to)) {
          PictureReader.checkLength(name, Files.size(to));
        }
      }
      if (process.exitValue() != 0) {
        throw unreadable(name);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new InvalidInput(Sentence.of("Reading the picture \"%s\" was called off.", name), e);
    } finally {
      process.destroyForcibly();
    }
  }

  private static InvalidInput unreadable(String name) {
    return new InvalidInput(
        Sentence.of(
            "The PostScript file \"%s\" is damaged or does what no drawing may, and was not taken in; export the drawing as SVG or PDF.",
            name));
  }
}
