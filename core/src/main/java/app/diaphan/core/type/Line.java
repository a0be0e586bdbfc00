package app.diaphan.core.type;

import java.awt.font.TextHitInfo;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Optional;

/** One line of a text in layout units, its baseline's start at the origin. */
final class Line {
  private final StyledWords words;
  private final int start;
  private final int end;
  private final Optional<TextLayout> layout;
  private final StyledWords.Heights heights;
  private final Path2D.Double outline = new Path2D.Double(Path2D.WIND_NON_ZERO);
  private double left;
  private double right;

  /**
   * @param start where it starts in the words
   * @param end before which it ends
   * @param layout nothing for an empty line
   * @param broken whether it was broken to fit, so that spaces at its end do not count
   */
  Line(
      StyledWords words,
      int start,
      int end,
      Optional<TextLayout> layout,
      boolean broken,
      boolean hanging) {
    this.words = words;
    this.start = start;
    this.end = end;
    this.layout = layout;
    heights = words.heights(start, end);
    layout.ifPresent(
        laidOut -> {
          outline.append(laidOut.getOutline(null), false);
          int last = broken ? lastVisible() : end - 1;
          double advance = broken ? laidOut.getVisibleAdvance() : laidOut.getAdvance();
          right = Math.max(0, advance - words.trackingAt(last));
          if (hanging) {
            hang(laidOut, last);
          }
        });
  }

  StyledWords.Heights heights() {
    return heights;
  }

  double width() {
    return right - left;
  }

  /** What lies left of the line's edge, to be taken off when it is placed. */
  double left() {
    return left;
  }

  Path2D outline() {
    return outline;
  }

  /** The contours that belong to the characters from one place in the words to another. */
  Path2D outline(int from, int to) {
    Path2D.Double part = new Path2D.Double(Path2D.WIND_NON_ZERO);
    int first = Math.max(from, start) - start;
    int before = Math.min(to, end) - start;
    if (layout.isPresent() && first < before) {
      var region = layout.get().getLogicalHighlightShape(first, before);
      double middle = region.getBounds2D().getCenterY();
      for (Path2D contour : Contours.of(outline)) {
        if (region.contains(contour.getBounds2D().getCenterX(), middle)) {
          part.append(contour.getPathIterator(new AffineTransform()), false);
        }
      }
    }
    return part;
  }

  int start() {
    return start;
  }

  int end() {
    return end;
  }

  /** Where the caret stands before the character at a place in the words. */
  double caret(int index) {
    if (layout.isEmpty()) {
      return 0;
    }
    TextHitInfo hit =
        index >= end ? TextHitInfo.trailing(end - start - 1) : TextHitInfo.leading(index - start);
    return layout.get().getCaretInfo(hit)[0];
  }

  private int lastVisible() {
    int last = end - 1;
    while (last > start && Character.isWhitespace(words.words().charAt(last))) {
      last--;
    }
    return last;
  }

  private void hang(TextLayout laidOut, int last) {
    Rectangle2D ink = outline.getBounds2D();
    if (ink.isEmpty()) {
      return;
    }
    int first = laidOut.isLeftToRight() ? start : last;
    int ending = laidOut.isLeftToRight() ? last : start;
    double out = Hanging.share(words.words().codePointAt(first));
    left = out * advance(first) + (1 - out) * ink.getMinX();
    out = Hanging.share(words.words().codePointAt(ending));
    right = out * (right - advance(ending)) + (1 - out) * ink.getMaxX();
  }

  private double advance(int index) {
    return Math.abs(caret(index + 1) - caret(index)) - words.trackingAt(index);
  }
}
