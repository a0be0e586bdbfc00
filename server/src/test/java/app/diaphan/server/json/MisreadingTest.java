package app.diaphan.server.json;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.diaphan.core.InvalidInput;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What somebody at the interface is told of a request that cannot be used. */
class MisreadingTest {
  record Run(String words) {
    Run {
      if (words.isBlank()) {
        throw new InvalidInput("A run needs words.");
      }
    }
  }

  record Asked(Run run, List<Run> runs) {}

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '\0',
      textBlock =
          """
          {"run":{"words":" "},"runs":[]} | A run needs words.
          {"run":{"words":"a"},"runs":[{"words":"b"},{"words":""}]} | The request cannot be used: run 2: A run needs words.
          {"run":{"words":"a"},"runs":[],"sail":1} | The request has a field "sail" that this version of Diaphan does not know; take it out or use a newer version.
          {"run": | The request is not valid JSON; look at line 1, column 8.
          """)
  void theSentenceOfTheJobStandsAloneWhereItNeedsNoPlace(String text, String sentence) {
    JacksonException misread =
        assertThrows(
            JacksonException.class,
            () ->
                JsonMapper.builder()
                    .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .build()
                    .readValue(text, Asked.class));

    assertEquals(sentence, Misreading.ofRequest(misread));
  }
}
