package app.diaphan.server.photograph;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.photograph.Hung;
import app.diaphan.core.photograph.MarkDress;
import app.diaphan.core.photograph.MarkPicture;
import app.diaphan.core.photograph.Marking;
import app.diaphan.core.photograph.Upright;
import app.diaphan.core.photograph.file.Photographs;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.memory.MemoryBudget;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Service;

/** How photographs look, small, and where the mark hangs on them. */
@Service
public class PhotographPictures {
  /** What decoders need beside the file. */
  private static final long ROOM = 96L << 20;

  private final PhotographStore store;
  private final PhotographMarks marks;
  private final Permits work;
  private final Remembered<String, byte[]> pictures;
  private final Remembered<String, Look> looks;

  /**
   * A photograph with its mark.
   *
   * @param width of the upright photograph in pixels; 0 if it cannot be opened
   * @param problem why it cannot be marked; empty if it can
   * @param mark what the mark's pictures are known by
   */
  public record Look(int width, int height, Optional<Hung> hung, String problem, String mark) {}

  PhotographPictures(PhotographStore store, PhotographMarks marks, MemoryBudget memory) {
    this.store = store;
    this.marks = marks;
    work = memory.work();
    pictures = memory.remembered().kind(Memory::bytesOf, bytes -> bytes.length);
    looks = memory.remembered().kind(Memory::bytesOf, Memory::bytesOf);
  }

  /** How a photograph is marked. */
  public Marking marking(PhotographEntity photograph, MarkSettings settings) {
    return photograph.ownMarking().orElse(settings.marking());
  }

  /** What a file is known by, as long as nobody writes it anew. */
  String version(Path file) {
    try {
      return file + " " + Files.size(file) + " " + Files.getLastModifiedTime(file).toMillis();
    } catch (IOException e) {
      return file + " is gone";
    }
  }

  /** A short word for it. */
  public String versionOf(PhotographEntity photograph) {
    return Digest.of(version(photograph.path()).getBytes(StandardCharsets.UTF_8)).substring(0, 12);
  }

  /** Where the mark hangs, and how it stands out. */
  public Look look(PhotographEntity photograph) {
    MarkSettings settings = store.settings(photograph.packageId());
    Marking marking = marking(photograph, settings);
    PhotographMarks.Mark mark;
    try {
      mark = marks.of(photograph.packageId(), settings);
    } catch (InvalidInput e) {
      return new Look(0, 0, Optional.empty(), e.getMessage(), "");
    }
    String key =
        Digest.of(
            (version(photograph.path()) + DocumentJson.write(marking) + mark.digest())
                .getBytes(StandardCharsets.UTF_8));
    return looks.of(key, () -> made(photograph, marking, mark));
  }

  private Look made(PhotographEntity photograph, Marking marking, PhotographMarks.Mark mark) {
    return work.with(
        room(photograph.path()),
        () -> {
          Upright upright;
          try {
            upright = new Upright(Photographs.open(photograph.path()));
          } catch (InvalidInput e) {
            return new Look(0, 0, Optional.empty(), e.getMessage(), mark.digest());
          } catch (IOException e) {
            return new Look(
                0, 0, Optional.empty(), "The file cannot be read any more.", mark.digest());
          }
          try {
            return new Look(
                upright.width(),
                upright.height(),
                Optional.of(mark.marker().hang(upright, marking)),
                "",
                mark.digest());
          } catch (InvalidInput e) {
            return new Look(
                upright.width(), upright.height(), Optional.empty(), e.getMessage(), mark.digest());
          }
        });
  }

  /** Bytes that opening and marking a file needs. */
  static long room(Path file) {
    try {
      return ROOM + 4 * Files.size(file);
    } catch (IOException e) {
      return ROOM;
    }
  }

  /**
   * The photograph upright, as JPEG.
   *
   * @param longest side at most, in pixels
   */
  public byte[] picture(PhotographEntity photograph, int longest) {
    return pictures.of(
        version(photograph.path()) + " at " + longest,
        () ->
            work.with(
                room(photograph.path()),
                () -> {
                  try {
                    Upright upright = new Upright(Photographs.open(photograph.path()));
                    return encoded(upright.small(longest), "jpeg");
                  } catch (IOException e) {
                    throw new InvalidInput("The file cannot be read any more.", e);
                  }
                }));
  }

  /**
   * The mark as PNG.
   *
   * @param longerSide of it, in pixels
   */
  public byte[] mark(Long packageId, MarkDress dress, double longerSide, double opacity) {
    PhotographMarks.Mark mark = marks.of(packageId, store.settings(packageId));
    return pictures.of(
        mark.digest() + dress + longerSide + " " + opacity,
        () -> {
          MarkPicture picture = mark.marker().picture(dress, longerSide).thinned(opacity);
          BufferedImage image =
              new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
          for (int i = 0; i < picture.width() * picture.height(); i++) {
            image.setRGB(i % picture.width(), i / picture.width(), argb(picture.pixels(), 4 * i));
          }
          return encoded(image, "png");
        });
  }

  private static int argb(float[] pixels, int at) {
    float alpha = pixels[at + 3];
    int packed = Math.round(255 * alpha);
    for (int c = 0; c < 3; c++) {
      float straight = alpha > 0 ? Math.clamp(pixels[at + c] / alpha, 0f, 1f) : 0;
      packed = packed << 8 | Math.round(255 * straight);
    }
    return packed;
  }

  private static byte[] encoded(BufferedImage image, String format) {
    try {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      ImageIO.write(image, format, bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
