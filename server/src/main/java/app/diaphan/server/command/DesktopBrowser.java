package app.diaphan.server.command;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The browser that the desktop of this computer opens addresses with. */
final class DesktopBrowser {
  private DesktopBrowser() {}

  /** Does nothing where there is no desktop. */
  static void open(String address) {
    opener(System.getProperty("os.name"), System.getenv())
        .ifPresent(
            opener -> {
              try {
                start(opener, address);
              } catch (IOException e) {
                // The address was said; it can be opened by hand.
              }
            });
  }

  private static void start(List<String> opener, String address) throws IOException {
    List<String> command = new ArrayList<>(opener);
    command.add(address);
    new ProcessBuilder(command)
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .redirectError(ProcessBuilder.Redirect.DISCARD)
        .start();
  }

  /** The command that opens an address; nothing without a desktop. */
  static Optional<List<String>> opener(String system, Map<String, String> environment) {
    String name = system.toLowerCase(Locale.ROOT);
    if (name.startsWith("mac")) {
      return Optional.of(List.of("open"));
    }
    if (name.startsWith("windows")) {
      return Optional.of(List.of("rundll32", "url.dll,FileProtocolHandler"));
    }
    return environment.containsKey("DISPLAY") || environment.containsKey("WAYLAND_DISPLAY")
        ? Optional.of(List.of("xdg-open"))
        : Optional.empty();
  }
}
