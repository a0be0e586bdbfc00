package app.diaphan.core.picture;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.icc.IccDirectory;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/** Reads raster pictures. Sizes are checked from the header before any pixel is decoded. */
final class RasterReader {
  static final long MOST_PIXELS = 50_000_000;

  private static final Map<String, String> FORMATS =
      Map.of(
          "png", "PNG", "jpeg", "JPEG", "gif", "GIF", "bmp", "BMP", "tif", "TIFF", "tiff", "TIFF",
          "bigtiff", "TIFF", "webp", "WebP");

  /** How the decoder of JPEG files warns of data that it had to guess at. */
  private static final String CORRUPT = "Corrupt JPEG data";

  private RasterReader() {}

  /**
   * Reads the header alone.
   *
   * @param name how error sentences call the picture
   * @throws InvalidInput if the bytes are no picture Diaphan reads, or one that is too large
   */
  static PictureHeader header(String name, byte[] bytes) {
    Optional<WebpFile.Frame> frame = WebpFile.of(bytes).flatMap(WebpFile::firstFrame);
    if (frame.isPresent()) {
      return checked(name, "WebP", frame.get().place());
    }
    return with(name, bytes, reader -> headerOf(name, reader));
  }

  /** Decodes the picture, turned upright. */
  static RasterPicture read(String name, byte[] bytes) {
    return (RasterPicture) file(name, bytes).picture();
  }

  /** Decodes the picture, turned upright, and tells what its file says. */
  static PictureFile file(String name, byte[] bytes) {
    Optional<WebpFile> container = WebpFile.of(bytes);
    if (container.isPresent()) {
      return webp(name, bytes, container.get());
    }
    return with(
        name,
        bytes,
        reader -> {
          PictureHeader header = headerOf(name, reader);
          List<String> notes = new ArrayList<>();
          boolean[] corrupt = {false};
          reader.addIIOReadWarningListener(
              (source, warning) -> corrupt[0] |= warning.startsWith(CORRUPT));
          Decoded decoded =
              switch (header.format()) {
                case "PNG" -> PngChunks.read(reader);
                case "GIF" -> GifCanvas.read(reader, notes);
                case "TIFF" -> tiff(reader, bytes, notes);
                case "BMP" -> bmp(reader, bytes);
                default -> Decoded.of(reader.read(0));
              };
          if (JpegMarkers.of(bytes).filter(markers -> !markers.ended()).isPresent()) {
            notes.add(
                "The file is cut short: what is missing of it is grey or repeats what is above. Get it once more from where it came.");
          } else if (corrupt[0]) {
            notes.add(
                "The file is damaged: parts of the picture may be wrong. Get it once more from where it came.");
          }
          return file(header, decoded, bytes, notes);
        });
  }

  /** The decoder does not tell of colours of 8 bits that they are multiplied by their alpha. */
  private static Decoded tiff(ImageReader reader, byte[] bytes, List<String> notes)
      throws IOException {
    Decoded decoded = Decoded.of(reader.read(0));
    Optional<TiffTags> tags = TiffTags.of(bytes);
    if (tags.filter(TiffTags::lab).isPresent()) {
      notes.add(ReaderNotes.LAB);
    }
    if (tags.filter(TiffTags::floats).isPresent()) {
      notes.add(ReaderNotes.FLOATS);
    }
    if (tags.filter(TiffTags::ownLevels).isPresent()) {
      notes.add(ReaderNotes.LEVELS);
    }
    return tags.filter(TiffTags::associated).isPresent() ? decoded.asPremultiplied() : decoded;
  }

  private static Decoded bmp(ImageReader reader, byte[] bytes) throws IOException {
    Optional<BmpFields> fields = BmpFields.of(bytes);
    return Decoded.of(fields.isPresent() ? fields.get().image() : reader.read(0));
  }

  /** WebP files bring their colour profile and their animation in a container around them. */
  private static PictureFile webp(String name, byte[] bytes, WebpFile container) {
    Optional<WebpFile.Frame> frame = container.firstFrame();
    List<String> notes = frame.isPresent() ? List.of(ReaderNotes.ANIMATED) : List.of();
    return with(
        name,
        frame.map(WebpFile.Frame::still).orElse(bytes),
        reader -> {
          PictureHeader header =
              frame.isPresent()
                  ? checked(name, "WebP", frame.get().place())
                  : headerOf(name, reader);
          BufferedImage image = reader.read(0);
          image = frame.isPresent() ? frame.get().place().with(image) : image;
          Decoded decoded = new Decoded(image, container.profile(), 0, false, new int[0]);
          return file(header, decoded, bytes, notes);
        });
  }

  private static PictureFile file(
      PictureHeader header, Decoded decoded, byte[] bytes, List<String> notes) {
    return new PictureFile(
        upright(SrgbSamples.picture(decoded, Digest.of(bytes)), orientation(bytes)),
        header.format(),
        1,
        SrgbSamples.bits(decoded.image()),
        profileName(decoded, bytes),
        List.copyOf(notes));
  }

  private static String profileName(Decoded decoded, byte[] bytes) {
    if (decoded.profile().isPresent()) {
      return ProfileName.of(decoded.profile().get());
    }
    ColorSpace space = decoded.image().getColorModel().getColorSpace();
    boolean own =
        space instanceof ICC_ColorSpace
            && !space.isCS_sRGB()
            && space != ColorSpace.getInstance(ColorSpace.CS_GRAY);
    return own ? ProfileName.of(((ICC_ColorSpace) space).getProfile()) : appliedProfile(bytes);
  }

  @FunctionalInterface
  private interface Reading<T> {
    T from(ImageReader reader) throws IOException;
  }

  /** One decoder may fail at what another one for the same kind of file can read. */
  private static <T> T with(String name, byte[] bytes, Reading<T> reading) {
    List<ImageReader> readers = new ArrayList<>();
    try {
      readers.addAll(readers(bytes));
      if (readers.isEmpty()) {
        throw new InvalidInput(
            OtherFormats.sentence(name, bytes)
                .orElseGet(
                    () ->
                        Sentence.of(
                            "\"%s\" is not a picture Diaphan can read; give a PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or PDF file.",
                            name)));
      }
      Iterator<ImageReader> next = readers.iterator();
      while (true) {
        ImageReader reader = next.next();
        try (ImageInputStream input = new MemoryCacheImageInputStream(new StoppableStream(bytes))) {
          reader.setInput(input, false, false);
          return reading.from(reader);
        } catch (IOException | RuntimeException e) {
          if (e instanceof InvalidInput || !next.hasNext()) {
            throw e;
          }
        }
      }
    } catch (LinkageError e) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is of a kind that Diaphan does not read on this machine; export it as PNG.",
              name),
          e);
    } catch (IOException | RuntimeException e) {
      if (e instanceof InvalidInput known) {
        throw known;
      }
      throw new InvalidInput(
          Packing.unknown(bytes)
              .map(
                  packing ->
                      Sentence.of(
                          "The picture \"%s\" is packed with %s, which Diaphan does not unpack; save it again as PNG, or with another compression.",
                          name, packing))
              .orElseGet(
                  () ->
                      Sentence.of(
                          "The picture \"%s\" is damaged or cut short and was not taken in; save it again.",
                          name)),
          e);
    } finally {
      readers.forEach(ImageReader::dispose); // Some hold memory outside the heap.
    }
  }

  /** Of the formats that are read; libraries bring others along. */
  private static List<ImageReader> readers(byte[] bytes) throws IOException {
    List<ImageReader> readers = new ArrayList<>();
    try (ImageInputStream input =
        new MemoryCacheImageInputStream(new ByteArrayInputStream(bytes))) {
      ImageIO.getImageReaders(input).forEachRemaining(readers::add);
    }
    readers.removeIf(reader -> !FORMATS.containsKey(formatOf(reader)));
    // The library knows more kinds of BMP files, the platform those that it knows better.
    readers.sort(
        Comparator.comparing(reader -> formatOf(reader).equals("bmp") && !ofPlatform(reader)));
    return readers;
  }

  private static boolean ofPlatform(ImageReader reader) {
    return reader.getClass().getModule().isNamed();
  }

  private static String formatOf(ImageReader reader) {
    try {
      return reader.getFormatName().toLowerCase(Locale.ROOT);
    } catch (IOException e) {
      return "";
    }
  }

  private static PictureHeader headerOf(String name, ImageReader reader) throws IOException {
    String format = formatOf(reader);
    CanvasPlace place =
        format.equals("gif")
            ? GifCanvas.place(reader)
            : new CanvasPlace(reader.getWidth(0), reader.getHeight(0), 0, 0);
    return checked(name, FORMATS.getOrDefault(format, format), place);
  }

  private static PictureHeader checked(String name, String format, CanvasPlace canvas) {
    int width = canvas.width();
    int height = canvas.height();
    if ((long) width * height > MOST_PIXELS) {
      throw new InvalidInput(
          Sentence.of(
              "The picture \"%s\" has %d × %d pixels; Diaphan takes up to %d megapixels. Scale it down.",
              name, width, height, MOST_PIXELS / 1_000_000));
    }
    return new PictureHeader(format, width, height);
  }

  /** The name of a profile that the decoder has applied already; empty for none and for sRGB. */
  private static String appliedProfile(byte[] bytes) {
    try {
      var directory =
          ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
              .getFirstDirectoryOfType(IccDirectory.class);
      String name = directory == null ? "" : directory.getString(IccDirectory.TAG_TAG_desc);
      return name == null || name.contains("sRGB") ? "" : name.strip();
    } catch (ImageProcessingException | IOException e) {
      return ""; // Notes that cannot be read tell of no profile.
    }
  }

  private static Orientation orientation(byte[] bytes) {
    try {
      var directory =
          ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
              .getFirstDirectoryOfType(ExifIFD0Directory.class);
      return directory != null && directory.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
          ? Orientation.ofTag(directory.getInt(ExifIFD0Directory.TAG_ORIENTATION))
          : Orientation.UPRIGHT;
    } catch (ImageProcessingException | IOException | MetadataException e) {
      return Orientation.UPRIGHT; // A picture without readable notes lies as it is stored.
    }
  }

  private static RasterPicture upright(RasterPicture stored, Orientation orientation) {
    if (orientation == Orientation.UPRIGHT) {
      return stored;
    }
    int width = orientation.sideways() ? stored.height() : stored.width();
    int height = orientation.sideways() ? stored.width() : stored.height();
    PixelStore turned =
        stored
            .store()
            .reordered(
                width,
                height,
                place -> {
                  int x = place % width;
                  int y = place / width;
                  return orientation.storedY(x, y, width, height) * stored.width()
                      + orientation.storedX(x, y, width, height);
                });
    return new RasterPicture(width, height, turned, stored.hasAlpha(), stored.identity());
  }

  /** Ends a decoder that was given up on: it cannot do much without reading. */
  private static final class StoppableStream extends ByteArrayInputStream {
    StoppableStream(byte[] bytes) {
      super(bytes);
    }

    @Override
    public synchronized int read() {
      check();
      return super.read();
    }

    @Override
    public synchronized int read(byte[] to, int at, int length) {
      check();
      return super.read(to, at, length);
    }

    private static void check() {
      if (Thread.currentThread().isInterrupted()) {
        throw new IllegalStateException("The decoder was given up on.");
      }
    }
  }
}
