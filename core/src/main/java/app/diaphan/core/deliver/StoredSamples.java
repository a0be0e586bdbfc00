package app.diaphan.core.deliver;

import java.io.IOException;
import java.nio.file.Path;

/**
 * The samples of a delivered file as they are stored, whatever they mean, brought to 8 bits.
 *
 * @param channels 4 with alpha, 3 colours, 1 grey
 * @param samples row by row, the channels of a pixel together
 */
public record StoredSamples(int width, int height, int channels, byte[] samples) {

  /**
   * @throws app.diaphan.core.InvalidInput if the file is no PNG or TIFF, or is damaged
   */
  public static StoredSamples of(Path file) throws IOException {
    FileReport head = FileInspector.inspect(file);
    int stride = head.width() * head.channels();
    byte[] samples = new byte[Math.multiplyExact(stride, head.height())];
    int step = head.bits() > 8 ? 2 : 1;
    FileInspector.inspect(
        file,
        (y, row, at, length) -> {
          for (int i = 0; i < stride; i++) {
            samples[y * stride + i] = row[at + i * step];
          }
        });
    return new StoredSamples(head.width(), head.height(), head.channels(), samples);
  }

  /** A stored value, 0–255. */
  public int at(int pixel, int channel) {
    return samples[pixel * channels + channel] & 0xff;
  }
}
