package app.diaphan.core.photograph.file;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import javax.imageio.stream.ImageOutputStreamImpl;

/** Where the platform's writers go back and forth, in a file that somebody else opened. */
final class ChannelOutput extends ImageOutputStreamImpl {
  private final FileChannel channel;

  ChannelOutput(FileChannel channel) {
    this.channel = channel;
  }

  @Override
  public void write(int value) throws IOException {
    write(new byte[] {(byte) value}, 0, 1);
  }

  @Override
  public void write(byte[] bytes, int at, int length) throws IOException {
    flushBits();
    ByteBuffer buffer = ByteBuffer.wrap(bytes, at, length);
    while (buffer.hasRemaining()) {
      streamPos += channel.write(buffer, streamPos);
    }
  }

  @Override
  public int read() throws IOException {
    byte[] one = new byte[1];
    return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
  }

  @Override
  public int read(byte[] bytes, int at, int length) throws IOException {
    bitOffset = 0;
    int read = channel.read(ByteBuffer.wrap(bytes, at, length), streamPos);
    if (read > 0) {
      streamPos += read;
    }
    return read;
  }

  @Override
  public long length() {
    try {
      return channel.size();
    } catch (IOException e) {
      return -1;
    }
  }
}
