package app.diaphan.server.photograph;

import app.diaphan.core.Require;
import app.diaphan.core.photograph.MarkedAs;
import app.diaphan.core.photograph.Marking;
import app.diaphan.core.photograph.OtherDress;
import app.diaphan.core.photograph.metadata.Credit;

/**
 * How a package's photographs are marked.
 *
 * @param overlay id of the one that is the mark; 0 as long as none is chosen
 * @param as the format of the files
 * @param folder where they are written; empty for one beside the photographs
 */
public record MarkSettings(
    long overlay,
    OtherDress otherDress,
    Marking marking,
    Credit credit,
    MarkedAs as,
    String folder) {
  public static final MarkSettings FIRST =
      new MarkSettings(
          0, new OtherDress.Exchanged(), Marking.USUAL, Credit.AS_IT_IS, MarkedAs.SAME, "");

  public MarkSettings {
    Require.present(marking, "How photographs are marked");
    Require.present(credit, "What files are to say");
    Require.present(otherDress, "The other dress of the mark");
    Require.present(folder, "The folder for marked photographs");
    Require.present(as, "The format of marked photographs");
  }
}
