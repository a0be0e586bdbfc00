package app.diaphan.core.picture;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a filter's steps can go out from, step by step. One that names a result which is not there
 * goes out from the step before it (W3C Filter Effects 1, section 9.2); one library draws such a
 * filter not at all, another leaves out what it is laid on.
 */
final class SvgFilterInputs {
  static final List<String> ATTRIBUTES = List.of("in", "in2");

  private final Set<String> known =
      new HashSet<>(
          Set.of(
              "SourceGraphic",
              "SourceAlpha",
              "BackgroundImage",
              "BackgroundAlpha",
              "FillPaint",
              "StrokePaint"));

  /** Whether a step can go out from it; one that names nothing can. */
  boolean know(String name) {
    return name.isBlank() || known.contains(name.strip());
  }

  /**
   * @param result of the next step; empty for none
   */
  void add(String result) {
    known.add(result.strip());
  }
}
