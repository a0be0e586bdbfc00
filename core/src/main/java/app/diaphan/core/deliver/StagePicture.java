package app.diaphan.core.deliver;

import app.diaphan.core.file.FileKind;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Rendering;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.Channels;

/** Packs a drawing quickly as a PNG of 8 bits, to be looked at and not to be delivered. */
public final class StagePicture {
  private static final int QUICK = 1;

  private StagePicture() {}

  /**
   * @param part of the canvas, not empty
   */
  public static byte[] png(Rendering rendering, Bounds part) {
    SampleRows samples = SampleRows.plain(rendering, part, FileKind.png().withDither(false));
    ByteArrayOutputStream out = new ByteArrayOutputStream(1 << 16);
    try {
      new PngWriter(
              samples,
              new FileHeader(rendering.canvas().frame().pixelAspect(), 72, 0, 0, false),
              QUICK,
              new RowSums(samples.height()))
          .write(Channels.newChannel(out), Progress.NONE);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }
}
