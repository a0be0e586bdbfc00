package app.diaphan.core.targets;

import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.frame.Frame;
import java.time.LocalDate;

/**
 * What the tokens of a name stand for.
 *
 * @param counter from 1
 * @param row of the roster that the overlay was filled with
 * @param left where a trimmed file lies on its frame, in pixels
 */
public record NameValues(
    String packageName,
    String overlay,
    String target,
    Frame frame,
    int revision,
    LocalDate date,
    int counter,
    RowName row,
    int left,
    int top) {

  /** Names are given in a form that every computer takes; numbers as they are. */
  String of(NameToken token) {
    return switch (token) {
      case PACKAGE -> FileName.from(packageName);
      case OVERLAY -> FileName.from(overlay);
      case TARGET -> FileName.from(target);
      case FRAME -> frame.width() + "x" + frame.height();
      case REVISION -> String.valueOf(revision);
      case DATE -> date.toString();
      case COUNTER -> Sentence.of("%02d", counter);
      case LEFT -> String.valueOf(left);
      case TOP -> String.valueOf(top);
    };
  }
}
