package app.diaphan.core.photograph.file;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.photograph.jpeg.NotByBlocks;
import app.diaphan.core.photograph.jpeg.Segment;
import app.diaphan.core.photograph.metadata.Metadata;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.WebpFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** The one door through which photographs come in. */
public final class Photographs {
  /** Of a file whose bytes have to be in memory at once. */
  private static final long MOST_BYTES = 256L << 20;

  private static final long MOST_PIXELS = 250_000_000;

  private Photographs() {}

  /**
   * @throws InvalidInput if it is no photograph, damaged, or more than can be marked
   * @throws IOException if the file cannot be read at all
   */
  public static Photograph open(Path path) throws IOException {
    String name = path.getFileName().toString();
    PhotographFormat format = format(path, name);
    try {
      Photograph photograph =
          switch (format) {
            case JPEG -> jpeg(name, bytes(path, name));
            case PNG -> PngPhotograph.of(path);
            case TIFF -> tiff(path, name);
            case WEBP -> webp(name, bytes(path, name));
            case HEIF, AVIF -> HeifPhotograph.of(path, format);
          };
      long pixels = (long) photograph.width() * photograph.height();
      if (pixels > MOST_PIXELS) {
        throw new InvalidInput(
            Sentence.of(
                "\"%s\" has %d × %d pixels; photographs may have up to %d megapixels. Scale it down.",
                name, photograph.width(), photograph.height(), MOST_PIXELS / 1_000_000));
      }
      return photograph;
    } catch (IOException e) {
      if (!Files.isReadable(path)) {
        throw e;
      }
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is damaged or cut short and was left out; get it once more from where it came.",
              name),
          e);
    }
  }

  private static PhotographFormat format(Path path, String name) throws IOException {
    byte[] start;
    try (InputStream in = Files.newInputStream(path)) {
      start = in.readNBytes(PhotographFormat.BEGINS_WITH);
    } catch (NoSuchFileException e) {
      throw new InvalidInput(Sentence.of("There is no file \"%s\".", path), e);
    }
    return PhotographFormat.beginning(start)
        .orElseThrow(
            () ->
                new InvalidInput(
                    Sentence.of(
                        "\"%s\" is no photograph that can be marked; give JPEG, PNG, TIFF, WebP or HEIC files.",
                        name)));
  }

  private static byte[] bytes(Path path, String name) throws IOException {
    long length = Files.size(path);
    if (length > MOST_BYTES) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" has %d MB; photographs of this kind may have %d MB. Save it smaller.",
              name, length / 1_000_000, MOST_BYTES / 1_000_000));
    }
    return Files.readAllBytes(path);
  }

  private static Photograph jpeg(String name, byte[] bytes) throws IOException {
    try {
      return JpegPhotograph.of(bytes);
    } catch (NotByBlocks e) {
      PictureFile decoded = PictureReader.readFile(name, bytes);
      List<String> notes = new ArrayList<>(decoded.notes());
      if (!decoded.notes().isEmpty()) {
        throw new InvalidInput(
            Sentence.of("\"%s\" was left out. %s", name, decoded.notes().getFirst()), e);
      }
      notes.add(
          Sentence.of(
              "It was coded anew as a whole, since %s; its colours are sRGB now.", e.getMessage()));
      List<Segment> segments = Segment.beforeScans(bytes);
      return decoded(
          PhotographFormat.JPEG,
          decoded,
          JpegMetadata.of(segments),
          notes,
          JpegQuality.of(segments));
    }
  }

  private static Photograph tiff(Path path, String name) throws IOException {
    TiffPhotograph photograph = TiffPhotograph.of(path);
    if (photograph.page().plain()) {
      return photograph;
    }
    PictureFile decoded = PictureReader.readFile(name, bytes(path, name));
    List<String> notes = new ArrayList<>(photograph.notes());
    notes.addAll(decoded.notes());
    notes.add("Its pixels were brought to sRGB, since a mark cannot be laid over what they are.");
    return decoded(
        PhotographFormat.TIFF, decoded, photograph.metadata(), notes, OptionalDouble.empty());
  }

  private static Photograph webp(String name, byte[] bytes) throws IOException {
    WebpFile file = WebpFile.of(bytes).orElseThrow();
    if (file.animated()) {
      throw new InvalidInput(
          Sentence.of("\"%s\" moves; marks are laid on still photographs.", name));
    }
    PictureReader.header(name, bytes); // Refuses what is larger than it should be.
    return WebpPhotograph.of(file, bytes);
  }

  private static Photograph decoded(
      PhotographFormat format,
      PictureFile decoded,
      Metadata metadata,
      List<String> notes,
      OptionalDouble quality) {
    return new DecodedPhotograph(
        format, (RasterPicture) decoded.picture(), decoded.bits(), metadata, notes, quality);
  }
}
