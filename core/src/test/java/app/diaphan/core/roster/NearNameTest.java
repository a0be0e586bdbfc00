package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NearNameTest {
  @ParameterizedTest
  @CsvSource({
    "kitten, sitting, 3",
    "heron, heron, 0",
    "heron, heren, 1",
    "heron, hern, 1",
    "hern, heron, 1",
    "'', heron, 5",
    "heron, '', 5",
    "'', '', 0",
    "abc, xyz, 3",
    "abcd, dabc, 2"
  })
  void lettersThatDifferAreCounted(String one, String other, int letters) {
    assertEquals(letters, NearName.distance(one, other));
  }

  @Test
  void theNearestIsMeantAndOfTwoTheFirst() {
    List<String> names = List.of("tern.png", "heron.png", "heroine.png", "hereon.png");
    assertEquals(
        Optional.of("heron.png"), NearName.near("heon", List.of("xerox.png", "heron.png")));
    assertEquals(Optional.of("heron.png"), NearName.near("Heron ", names));
    assertEquals(
        Optional.of("heron.png"),
        NearName.near("heeron.jpeg", List.of("heron.png", "heeran.png", "h.png")));
    assertEquals(Optional.of("ab1.png"), NearName.near("ab3.png", List.of("ab1.png", "ab2.png")));
  }

  @Test
  void moreThanAThirdOfTheLettersIsAnotherName() {
    assertEquals(Optional.of("abc.png"), NearName.near("abx", List.of("abc.png")));
    assertEquals(Optional.empty(), NearName.near("axy", List.of("abc.png")));
    assertEquals(Optional.empty(), NearName.near("heron", List.of()));
    assertEquals(Optional.of("heron"), NearName.near("hern", List.of("heron")));
  }

  @Test
  void caseAndExtensionAreForgivenAndTheVeryNameComesFirst() {
    assertEquals(
        Optional.of("HERON.jpg"), NearName.same(" heron.JPG", List.of("heron.png", "HERON.jpg")));
    assertEquals(Optional.of("heron.png"), NearName.same("heron.jpg", List.of("heron.png")));
    assertEquals(Optional.of("heron.webp"), NearName.same("heron", List.of("heron.webp")));
    assertEquals(Optional.empty(), NearName.same("heron", List.of("heron.portrait")));
    assertEquals(Optional.empty(), NearName.same("", List.of(".png")));
    assertEquals(Optional.empty(), NearName.same("tern", List.of("heron.png")));
  }
}
