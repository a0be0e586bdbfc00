package app.diaphan.server.picture;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** What is said between the server and the process in which pictures are tried. */
final class TrialProtocol {
  private TrialProtocol() {}

  record Question(String name, byte[] bytes) {
    void write(DataOutputStream out) throws IOException {
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
      String name = new String(in.readNBytes(in.readInt()), StandardCharsets.UTF_8);
      return new Question(name, in.readNBytes(in.readInt()));
    }
  }

  /**
   * @param refusal why the picture cannot be taken in; empty if it can
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
