package app.diaphan.core.house;

import app.diaphan.core.Require;
import java.util.List;

/** The colours that a mark may be shown in, beside those that its picture came with. */
public sealed interface MarkColours {
  /** Whatever it is tinted with. */
  record Any() implements MarkColours {}

  /** Its own and no other. */
  record OwnOnly() implements MarkColours {}

  /**
   * All in one of these colours of the house.
   *
   * @param names of the house's colours
   */
  record OneOf(List<String> names) implements MarkColours {
    public OneOf {
      Require.present(names, "The colours that a mark may be shown in");
      names = List.copyOf(names);
    }
  }
}
