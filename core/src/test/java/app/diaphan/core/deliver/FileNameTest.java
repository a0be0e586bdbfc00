package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.diaphan.core.InvalidInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FileNameTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "a/b",
        "..\\b",
        "..",
        ".hidden",
        "ends.",
        " lead",
        "con",
        "NUL.1",
        "",
        "  ",
        "tab\there",
        "what?",
        "a:b"
      })
  void namesThatSomeComputerRefusesAreRefused(String name) {
    assertThrows(InvalidInput.class, () -> FileName.check(name));
  }

  @Test
  void lengthIsCountedInBytes() {
    assertThrows(InvalidInput.class, () -> FileName.check("x".repeat(300)));
    assertThrows(InvalidInput.class, () -> FileName.check("é".repeat(101)));
    assertEquals("é".repeat(100), FileName.check("é".repeat(100)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"Race Day Two", "a/b: c", "con", "…", "///", "راية"})
  void suggestionsAreAlwaysUsable(String words) {
    FileName.check(FileName.from(words));
  }

  @ParameterizedTest
  @CsvSource({
    "'Photographer''s watermark', photographers-watermark",
    "'Next start, upright', next-start-upright",
    "'Tide & time (100 %)!', tide-time-100",
    "Race Day Two, race-day-two"
  })
  void suggestionsNeedNoQuotesAnywhere(String words, String expected) {
    assertEquals(expected, FileName.from(words));
  }
}
