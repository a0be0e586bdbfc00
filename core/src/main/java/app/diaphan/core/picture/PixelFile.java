package app.diaphan.core.picture;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * A file in the machine's folder for passing ones that is written once and then read through a map.
 * It has no name left when this is closed, so nothing stays behind, however the process ends; its
 * room is free again when the map is no longer used.
 */
final class PixelFile implements AutoCloseable {
  private final FileChannel channel;

  private PixelFile(FileChannel channel) {
    this.channel = channel;
  }

  static PixelFile create() throws IOException {
    Path path = Files.createTempFile("diaphan-picture", null);
    return new PixelFile(
        FileChannel.open(
            path,
            StandardOpenOption.READ,
            StandardOpenOption.WRITE,
            StandardOpenOption.DELETE_ON_CLOSE));
  }

  /**
   * Written, not mapped: a full disk is an exception here, where a map would end the process.
   *
   * @throws IOException if there is no room
   */
  void append(ByteBuffer bytes) throws IOException {
    while (bytes.hasRemaining()) {
      channel.write(bytes);
    }
  }

  /** All that was written; it stays when this is closed. */
  ByteBuffer mapped() throws IOException {
    return channel
        .map(FileChannel.MapMode.READ_ONLY, 0, channel.size())
        .order(ByteOrder.nativeOrder());
  }

  @Override
  public void close() throws IOException {
    channel.close();
  }
}
