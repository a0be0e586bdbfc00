package app.diaphan.server.store;

import app.diaphan.core.picture.PictureFile.AlphaFound;
import java.util.List;

/**
 * What was found out about a picture when it was taken in.
 *
 * @param pages sizes of its pages, one but for PDF files
 * @param bits of a channel; 0 for vector pictures
 * @param profile the name of its colour profile, which was brought to sRGB; empty for none
 * @param flatBorder the share of its border that has one even colour, 0–1; 0 for vector pictures
 * @param colours the single colours of a vector picture, most used first
 * @param notes sentences about what could not be taken as it is
 */
public record PictureFacts(
    List<Page> pages,
    int bits,
    String profile,
    AlphaFound alpha,
    double flatBorder,
    List<String> colours,
    List<String> notes) {

  /** In pixels, or a vector file's units, which are not always whole. */
  public record Page(double width, double height) {}
}
