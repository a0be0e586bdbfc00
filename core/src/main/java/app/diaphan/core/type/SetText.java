package app.diaphan.core.type;

import java.awt.Shape;
import java.util.List;

/**
 * Words after setting, in display units from the top left corner of their box.
 *
 * @param outline the letters
 * @param width the widest line's advance
 * @param height from the first line's ascent to the last line's descent
 * @param firstBaseline from the top of the box
 * @param missing characters that no font on the shelf has, each once, as written
 */
public record SetText(
    Shape outline, double width, double height, double firstBaseline, List<String> missing) {}
