package app.diaphan.server.photograph;

import app.diaphan.core.Require;
import app.diaphan.core.photograph.MarkedAs;
import app.diaphan.core.photograph.Marking;
import app.diaphan.core.photograph.metadata.Credit;

/**
 * How a package's photographs are marked.
 *
 * @param overlay id of the one that is the mark; 0 as long as none is chosen
 * @param otherDress id of the overlay that is its other dress; 0 if light and dark are exchanged
 * @param otherFinishes name of a finish set that makes the other dress; empty for none
 * @param as the format of the files
 * @param folder where they are written; empty for one beside the photographs
 */
public record MarkSettings(
    long overlay,
    long otherDress,
    String otherFinishes,
    Marking marking,
    Credit credit,
    MarkedAs as,
    String folder) {
  public static final MarkSettings FIRST =
      new MarkSettings(0, 0, "", Marking.USUAL, Credit.AS_IT_IS, MarkedAs.SAME, "");

  public MarkSettings {
    Require.present(marking, "How photographs are marked");
    Require.present(credit, "What files are to say");
    Require.present(otherFinishes, "The finishes of the other dress");
    Require.present(folder, "The folder for marked photographs");
    Require.present(as, "The format of marked photographs");
  }
}
