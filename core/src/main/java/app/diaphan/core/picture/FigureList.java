package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.ArrayList;
import java.util.List;

/**
 * Figures as they are written down, up to a number and for a time that no honest picture needs:
 * vector pictures are drawn anew at every size, long after they were taken in.
 */
final class FigureList {
  static final int MOST_FIGURES = 100_000;

  private static final double MOST_SECONDS = 20;

  private final List<Figure> figures = new ArrayList<>();
  private final Patience patience;
  private final Found found;
  private final int depth;

  /** Of a whole picture, however its figures lie in each other. */
  private static final class Found {
    private int figures;
    private boolean mixing;
  }

  FigureList() {
    this(MOST_SECONDS);
  }

  FigureList(double seconds) {
    this(Patience.of(seconds), new Found(), 0);
  }

  private FigureList(Patience patience, Found found, int depth) {
    this.depth = depth;
    this.patience = patience;
    this.found = found;
  }

  /** For the parts of one of its figures, under the same limits. */
  FigureList within() {
    return new FigureList(patience, found, depth + 1);
  }

  /**
   * @throws InvalidInput if there are too many, if it has taken too long or was given up on
   */
  void add(Figure figure) {
    if (found.figures++ >= MOST_FIGURES || patience.over()) {
      throw new InvalidInput(
          Sentence.of(
              "The vector picture draws more than %d shapes or takes too long; simplify it and save it again.",
              MOST_FIGURES));
    }
    figures.add(figure);
  }

  /** Without those within others. */
  int count() {
    return figures.size();
  }

  /** In how many figures it lies. */
  int depth() {
    return depth;
  }

  void foundMixing() {
    found.mixing = true;
  }

  /** Whether something was to be mixed with what lies behind it. */
  boolean mixing() {
    return found.mixing;
  }

  List<Figure> figures() {
    return List.copyOf(figures);
  }
}
