package app.diaphan.server.program;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/** The version of this program, as its build says. */
public final class ProgramVersion {
  /** Such as "0.8.0". */
  public static final String NUMBER = read();

  private ProgramVersion() {}

  private static String read() {
    Properties version = new Properties();
    try (InputStream file = ProgramVersion.class.getResourceAsStream("/version.properties")) {
      version.load(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return version.getProperty("version");
  }
}
