package app.diaphan.core.deliver;

import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.WritableByteChannel;

/**
 * A file that is read back from its beginning while its end is still being written: a reader that
 * has caught up waits for the next bytes.
 */
final class FollowedFile implements WritableByteChannel {
  private final FileChannel channel;
  private long written;
  private boolean ended;
  private boolean givenUp;

  /**
   * @param channel open for writing and for reading, with nothing in it
   */
  FollowedFile(FileChannel channel) {
    this.channel = channel;
  }

  @Override
  public int write(ByteBuffer bytes) throws IOException {
    int count = channel.write(bytes);
    synchronized (this) {
      written += count;
      notifyAll();
    }
    return count;
  }

  /** Says that all is written. */
  synchronized void end() {
    ended = true;
    notifyAll();
  }

  /** Says that no more will be written of a file that is not whole. */
  synchronized void giveUp() {
    givenUp = true;
    notifyAll();
  }

  synchronized long size() {
    return written;
  }

  @Override
  public boolean isOpen() {
    return channel.isOpen();
  }

  /** The channel is closed by whoever opened it. */
  @Override
  public void close() {
    end();
  }

  /** Reads from the beginning; each stream for itself. */
  InputStream reading() {
    return new InputStream() {
      private long position;

      @Override
      public int read() throws IOException {
        byte[] one = new byte[1];
        return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
      }

      @Override
      public int read(byte[] to, int at, int length) throws IOException {
        if (length == 0) {
          return 0;
        }
        if (!awaited(position)) {
          return -1;
        }
        int count = channel.read(ByteBuffer.wrap(to, at, length), position);
        position += Math.max(0, count);
        return count;
      }
    };
  }

  /** Waits for the byte at a position; false if there is none. */
  private synchronized boolean awaited(long position) throws IOException {
    while (written <= position && !ended) {
      if (givenUp) {
        throw new IOException("The file was not written to its end.");
      }
      try {
        wait();
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new InterruptedIOException();
      }
    }
    return written > position;
  }
}
