package app.diaphan.core.file;

import app.diaphan.core.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What kind of file is delivered.
 *
 * @param compression where the format has a choice of them
 * @param level of deflating, 1 (quick) to 9 (small)
 * @param dither whether 8-bit files break up soft ramps by an ordered pattern
 * @param sidecar whether a JSON file beside it says what it is and where it lies on its frame
 */
@RecordBuilder
public record FileKind(
    Extent extent,
    FileFormat format,
    BitDepth depth,
    Carried carried,
    Compression compression,
    int level,
    boolean dither,
    Resolution resolution,
    boolean sidecar)
    implements FileKindBuilder.With {

  public FileKind {
    Require.present(extent, "The target's extent");
    Require.present(format, "The target's file format");
    Require.present(depth, "The target's bit depth");
    Require.present(carried, "What the target's files carry");
    Require.present(compression, "The target's compression");
    Require.between(1, 9, level, "The compression level");
    Require.present(resolution, "The target's dots per inch");
    format.require(carried);
  }

  /**
   * A whole-frame PNG of 8 bits with straight alpha, packed quickly: an editor's disk has room, and
   * a large frame is written in two thirds of the time level 4 takes.
   */
  public static FileKind png() {
    return new FileKind(
        Extent.WHOLE_FRAME,
        FileFormat.PNG,
        BitDepth.EIGHT,
        Carried.STRAIGHT,
        Compression.DEFLATE,
        2,
        true,
        Resolution.OF_FRAME,
        false);
  }

  /** A whole-frame TIFF of 16 bits with straight alpha. */
  public static FileKind tiff() {
    return png().with(FileFormat.TIFF).with(BitDepth.SIXTEEN);
  }

  /**
   * The files that carry it, one for each part.
   *
   * @param name without suffix and extension
   */
  public List<String> fileNames(String name) {
    return FilePart.of(carried).stream()
        .map(part -> name + part.suffix() + "." + format.extension())
        .toList();
  }

  public FileKind with(Extent other) {
    return FileKindBuilder.builder(this).extent(other).build();
  }

  public FileKind with(FileFormat other) {
    return FileKindBuilder.builder(this).format(other).build();
  }

  public FileKind with(BitDepth other) {
    return FileKindBuilder.builder(this).depth(other).build();
  }

  public FileKind with(Carried other) {
    return FileKindBuilder.builder(this).carried(other).build();
  }

  public FileKind with(Compression other) {
    return FileKindBuilder.builder(this).compression(other).build();
  }

  public FileKind with(Resolution other) {
    return FileKindBuilder.builder(this).resolution(other).build();
  }
}
