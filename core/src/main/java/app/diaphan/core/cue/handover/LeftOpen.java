package app.diaphan.core.cue.handover;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;

/** Leaves a stream open that goes on after one file: libraries close what they write to. */
public final class LeftOpen extends FilterOutputStream {
  public LeftOpen(OutputStream out) {
    super(out);
  }

  @Override
  public void write(byte[] bytes, int from, int length) throws IOException {
    out.write(bytes, from, length);
  }

  @Override
  public void close() throws IOException {
    flush();
  }
}
