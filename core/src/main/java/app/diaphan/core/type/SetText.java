package app.diaphan.core.type;

import app.diaphan.core.colour.Colour;
import java.awt.Shape;
import java.util.List;

/**
 * Words after setting, in display units from the top left corner of their box.
 *
 * @param outline all letters
 * @param inked the letters of runs that have a colour of their own, again
 * @param width of the box: as given, or the widest line's advance
 * @param height of the box: as given, or from the first line's ascent to the last line's descent
 * @param baselines of the lines, from the top of the box
 * @param missing characters that no font on the shelf has, each once, as written
 * @param unknownFamilies font families that are not on the shelf
 * @param ownFonts digests of the fonts of one's own that the words are set in
 */
public record SetText(
    Shape outline,
    List<Inked> inked,
    double width,
    double height,
    List<Double> baselines,
    Fitted fitted,
    List<String> missing,
    List<String> unknownFamilies,
    List<String> ownFonts) {

  /** Letters with a colour of their own. */
  public record Inked(Shape outline, Colour colour) {}

  /**
   * What was done to fit the words into their box.
   *
   * @param size share of the size asked for, 0–1
   * @param narrowed share of the width at that size, 0–1
   * @param wrapped how many lines they were broken into; 0 if they are not broken
   * @param over how many display units the words are too long or too high by; 0 if they fit
   */
  public record Fitted(double size, double narrowed, int wrapped, double over) {
    static final Fitted AS_SET = new Fitted(1, 1, 0, 0);

    public boolean fits() {
      return over <= 0;
    }
  }
}
