package app.diaphan.core.targets;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Frame;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TargetListTest {
  private static NamedTarget target(String name, int width) {
    return new NamedTarget(
        name,
        new TargetFrame.SameForAll(Frame.of(width, 360)),
        FileKind.png(),
        NamePattern.parse("{overlay}_{frame}"),
        IfThere.REPLACE);
  }

  private static TargetList list(NamedTarget... targets) {
    return new TargetList(Arrays.asList(targets));
  }

  @Test
  void aTargetWithAnotherNameOnlyIsRenamed() {
    TargetList before = list(target("Air", 640), target("Phone", 200));
    assertEquals(
        Map.of("Phone", "Telephone"),
        before.renamedIn(list(target("Air", 640), target("Telephone", 200))));
  }

  @Test
  void othersThatChangePlacesAreAddedOrTakenAwayAreNot() {
    TargetList before = list(target("Air", 640), target("Phone", 640));
    assertEquals(Map.of(), before.renamedIn(list(target("Phone", 640), target("Air", 640))));
    assertEquals(Map.of(), before.renamedIn(list(target("Air", 640), target("Other", 200))));
    assertEquals(Map.of(), before.renamedIn(list(target("Phone", 640))));
    assertEquals(Map.of(), before.renamedIn(before));
  }

  @Test
  void namesAreDifferentWhateverTheirCapitals() {
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> list(target("Air", 640), target("AIR", 200)));
    assertTrue(refused.getMessage().contains("AIR") || refused.getMessage().contains("Air"));
    assertThrows(InvalidInput.class, () -> new TargetList(List.of()));
  }

  @Test
  void whatIsNotThereIsSaidWithWhatIs() {
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> list(target("Air", 640)).get("Nowhere"));
    assertTrue(refused.getMessage().contains("Air"), refused.getMessage());
  }
}
