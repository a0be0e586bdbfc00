package app.diaphan.server.photograph;

import app.diaphan.core.photograph.Hung;
import java.util.List;
import java.util.Optional;

/**
 * What became of a photograph when it was marked last.
 *
 * @param problem why there is no file; empty if there is one
 * @param file its path
 * @param sha256 of the file, in hex
 * @param notes what is otherwise in it than in the photograph but for the mark, in sentences
 */
public record MarkOutcome(
    String problem, String file, String sha256, Optional<Hung> hung, List<String> notes) {
  static MarkOutcome failed(String problem) {
    return new MarkOutcome(problem, "", "", Optional.empty(), List.of());
  }

  public boolean done() {
    return problem.isEmpty();
  }
}
