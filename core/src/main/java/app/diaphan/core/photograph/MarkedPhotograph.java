package app.diaphan.core.photograph;

import app.diaphan.core.photograph.file.PhotographFormat;
import java.nio.file.Path;
import java.util.List;

/**
 * What became of a photograph.
 *
 * @param width of the upright photograph in pixels; height likewise
 * @param notes what is otherwise than in the photograph's file but for the mark, in sentences
 */
public record MarkedPhotograph(
    Path from,
    Path to,
    PhotographFormat format,
    int width,
    int height,
    Hung hung,
    List<String> notes) {
  public MarkedPhotograph {
    notes = List.copyOf(notes);
  }
}
