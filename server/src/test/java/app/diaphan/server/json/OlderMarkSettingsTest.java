package app.diaphan.server.json;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.photograph.OtherDress;
import app.diaphan.server.photograph.MarkSettings;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** How photographs are marked, as it was kept when an other dress was a number and a name. */
class OlderMarkSettingsTest {
  static Stream<Arguments> others() {
    return Stream.of(
        Arguments.of(0, "", new OtherDress.Exchanged()),
        Arguments.of(0, "Cut in glass", new OtherDress.InFinishes("Cut in glass")),
        Arguments.of(7, "", new OtherDress.AnotherOverlay(7)));
  }

  @ParameterizedTest
  @MethodSource("others")
  void theOtherDressIsAsItWas(long overlay, String finishes, OtherDress expected) {
    String before =
        DocumentJson.write(MarkSettings.FIRST)
            .replace(
                "\"otherDress\":{\"kind\":\"exchanged\"}",
                "\"otherDress\":" + overlay + ",\"otherFinishes\":\"" + finishes + "\"");
    assertEquals(expected, read(before).otherDress());
    assertEquals(read(before), read(DocumentJson.write(read(before))));
  }

  private static MarkSettings read(String text) {
    return DocumentJson.read(text, MarkSettings.class, "How photographs are marked");
  }
}
