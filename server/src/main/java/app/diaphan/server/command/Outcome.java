package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.Delivered;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What became of something that was to be delivered.
 *
 * @param delivered its files
 * @param problem why there are none
 * @param said what its lines begin with: which overlay at which target it is
 */
record Outcome(List<Delivered> delivered, Optional<String> problem, Map<String, Object> said) {

  static Outcome of(Supplier<List<Delivered>> work, Map<String, Object> said) {
    try {
      return new Outcome(work.get(), Optional.empty(), said);
    } catch (InvalidInput e) {
      return new Outcome(List.of(), Optional.of(e.getMessage()), said);
    }
  }
}
