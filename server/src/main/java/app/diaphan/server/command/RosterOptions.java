package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import picocli.CommandLine.Option;

/** Which rows of which table a command fills overlays with. */
final class RosterOptions {
  private static final Pattern RANGE = Pattern.compile("(\\d{1,6})(?:-(\\d{1,6}))?");

  @Option(
      names = "--roster",
      description =
          "A table (CSV, XLSX, ODS) whose rows fill the overlays; or a roster of the bundle by name.")
  String roster;

  @Option(names = "--pictures", description = "Folder of more pictures that the rows name.")
  Path pictures;

  @Option(names = "--rows", description = "Only these rows, such as 3-40.")
  String rows;

  @Option(
      names = "--part",
      description =
          "One of several parts of the run, such as 3/8: every eighth row from the third.")
  String part;

  boolean given() {
    return roster != null;
  }

  /**
   * @throws InvalidInput if an option needs a roster that is not there
   */
  void checkAlone() {
    if (!given() && (rows != null || part != null || pictures != null)) {
      throw new InvalidInput("--rows, --part and --pictures are for rows of a --roster.");
    }
  }

  Optional<Path> pictures() {
    return Optional.ofNullable(pictures);
  }

  /**
   * The places of the rows to work on, from 0.
   *
   * @param all how many rows there are
   * @throws InvalidInput if there are no such rows or no such part
   */
  List<Integer> places(int all) {
    int first = 1;
    int last = all;
    if (rows != null) {
      Matcher range = RANGE.matcher(rows);
      if (!range.matches()) {
        throw new InvalidInput(Sentence.of("The rows \"%s\" cannot be read; write 3-40.", rows));
      }
      first = Integer.parseInt(range.group(1));
      last = range.group(2) == null ? first : Integer.parseInt(range.group(2));
      if (first < 1 || last < first || last > all) {
        throw new InvalidInput(
            Sentence.of("There are no rows %s; the roster has rows 1 to %d.", rows, all));
      }
    }
    Part one = Part.parse(part);
    return IntStream.rangeClosed(first - 1, last - 1).filter(one::takes).boxed().toList();
  }
}
