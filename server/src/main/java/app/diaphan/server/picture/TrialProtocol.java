package app.diaphan.server.picture;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** What is said between the server and the process in which files are tried. */
final class TrialProtocol {
  private TrialProtocol() {}

  /** What a file is to be tried as. */
  enum Kind {
    PICTURE,
    FONT
  }

  record Question(Kind kind, String name, byte[] bytes) {
    void write(DataOutputStream out) throws IOException {
      out.writeByte(kind.ordinal());
      write(out, name.getBytes(StandardCharsets.UTF_8));
      write(out, bytes);
      out.flush();
    }

    private static void write(DataOutputStream out, byte[] part) throws IOException {
      out.writeInt(part.length);
      out.write(part);
    }

    /**
     * @throws java.io.EOFException once nothing more is asked
     */
    static Question read(DataInputStream in) throws IOException {
      Kind kind = Kind.values()[in.readByte()];
      String name = new String(in.readNBytes(in.readInt()), StandardCharsets.UTF_8);
      return new Question(kind, name, in.readNBytes(in.readInt()));
    }
  }

  /**
   * @param refusal why the file cannot be taken in; empty if it can
   */
  record Answer(String refusal) {
    void write(DataOutputStream out) throws IOException {
      out.writeUTF(refusal);
      out.flush();
    }

    static Answer read(DataInputStream in) throws IOException {
      return new Answer(in.readUTF());
    }
  }
}
