package app.diaphan.core.photograph.file;

import ar.com.hjg.pngj.ImageInfo;
import ar.com.hjg.pngj.chunks.ChunkRaw;
import ar.com.hjg.pngj.chunks.PngChunkSingle;

/** The chunk for EXIF (W3C PNG, third edition, 11.3.4.5), which the library does not know. */
final class PngExif extends PngChunkSingle {
  static final String ID = "eXIf";

  private byte[] exif;

  PngExif(ImageInfo info, byte[] exif) {
    super(ID, info);
    this.exif = exif;
  }

  @Override
  public ChunkOrderingConstraint getOrderingConstraint() {
    return ChunkOrderingConstraint.BEFORE_IDAT;
  }

  @Override
  public ChunkRaw createRawChunk() {
    ChunkRaw raw = createEmptyChunk(exif.length, true);
    System.arraycopy(exif, 0, raw.data, 0, exif.length);
    return raw;
  }

  @Override
  public void parseFromRaw(ChunkRaw raw) {
    exif = raw.data.clone();
  }
}
