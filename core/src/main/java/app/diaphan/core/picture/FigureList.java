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
  private boolean mixing;

  FigureList() {
    this(MOST_SECONDS);
  }

  FigureList(double seconds) {
    patience = Patience.of(seconds);
  }

  /**
   * @throws InvalidInput if there are too many, if it has taken too long or was given up on
   */
  void add(Figure figure) {
    if (figures.size() >= MOST_FIGURES || patience.over()) {
      throw new InvalidInput(
          Sentence.of(
              "The vector picture draws more than %d shapes or takes too long; simplify it and save it again.",
              MOST_FIGURES));
    }
    figures.add(figure);
  }

  void foundMixing() {
    mixing = true;
  }

  /** Whether something was to be mixed with what lies behind it. */
  boolean mixing() {
    return mixing;
  }

  List<Figure> figures() {
    return List.copyOf(figures);
  }
}
