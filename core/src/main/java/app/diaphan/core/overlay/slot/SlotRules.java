package app.diaphan.core.overlay.slot;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What holds for the slots of a piece. */
public final class SlotRules {
  /** Of characters in the name of a column. */
  public static final int LONGEST_NAME = 60;

  private SlotRules() {}

  /**
   * @return the name
   * @throws InvalidInput if no column can have it
   */
  static String checkColumn(String name) {
    Names.check(name, LONGEST_NAME, "The name of a column");
    if (name.indexOf('{') >= 0 || name.indexOf('}') >= 0) {
      throw new InvalidInput(
          Sentence.of("The column \"%s\" has a brace in its name; leave it out.", name));
    }
    return name;
  }

  /**
   * @param piece its name
   * @throws InvalidInput if one property of the piece has two slots
   */
  public static List<Slot> checked(String piece, List<Slot> slots) {
    Require.present(slots, "The slots of \"" + piece + "\"");
    Set<Object> properties = new HashSet<>();
    for (Slot slot : slots) {
      if (!properties.add(property(slot))) {
        throw new InvalidInput(
            Sentence.of("Two columns feed the same property of \"%s\"; take one away.", piece));
      }
    }
    return List.copyOf(slots);
  }

  private static Object property(Slot slot) {
    return switch (slot) {
      case Slot.ColourOf(_, Slot.ColourPlace place, int index) -> List.of(place, index);
      case Slot.PictureOf _ -> "picture";
      case Slot.FinishesOf _ -> "finishes";
      case Slot.ShownBy _, Slot.ShownWithWords _ -> "shown";
    };
  }
}
