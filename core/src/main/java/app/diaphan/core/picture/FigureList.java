package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import java.util.ArrayList;
import java.util.List;

/** Figures as they are written down, up to a number that no honest picture needs. */
final class FigureList {
  static final int MOST_FIGURES = 100_000;

  private final List<Figure> figures = new ArrayList<>();
  private boolean mixing;

  void add(Figure figure) {
    if (figures.size() >= MOST_FIGURES || Thread.interrupted()) {
      throw new InvalidInput(
          "The vector picture draws more than %d shapes or takes too long; simplify it and save it again."
              .formatted(MOST_FIGURES));
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
