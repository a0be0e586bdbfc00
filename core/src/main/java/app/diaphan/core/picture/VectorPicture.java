package app.diaphan.core.picture;

import app.diaphan.core.colour.Colour;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** A picture of shapes, drawn anew at every size: an SVG file, or the pages of a PDF file. */
public final class VectorPicture implements Picture {
  /** Larger than this, a vector picture used as a paint is not made into pixels. */
  private static final int PAINT_SIDE = 2048;

  private static final int MOST_COLOURS = 16;
  private static final long DOCUMENT_BYTES = 8 << 20;

  private final List<Page> pages;
  private final int chosen;
  private final List<String> notes;
  private final List<VectorPicture> byPage;
  private final String identity;
  private final long fileBytes;
  private volatile RasterPicture raster;

  /**
   * A page knows its size and draws itself under any transform.
   *
   * @param width in the file's units, of which a hundredth or the like is no matter of rounding: an
   *     icon of 16.53 × 16 made 17 wide is seen to be too wide
   * @param names those that the file gives what is drawn, in the drawer's order; empty for what has
   *     none, and none at all if they are not known
   */
  public record Page(double width, double height, Drawer drawer, Supplier<List<String>> names) {}

  /** Gives what is drawn, in pixels, of a picture whose own units the transform brings there. */
  @FunctionalInterface
  public interface Drawer {
    List<Figure> figures(AffineTransform toPixels);
  }

  /**
   * @param pages one or more
   * @param notes sentences about what could not be taken as it is
   * @param identity the digest of its file
   * @param fileBytes how long that is
   */
  public VectorPicture(List<Page> pages, List<String> notes, String identity, long fileBytes) {
    this.pages = List.copyOf(pages);
    this.notes = List.copyOf(notes);
    this.identity = identity;
    this.fileBytes = fileBytes;
    chosen = 0;
    byPage = new ArrayList<>();
    byPage.add(this);
    for (int i = 1; i < pages.size(); i++) {
      byPage.add(new VectorPicture(this, i));
    }
  }

  private VectorPicture(VectorPicture whole, int chosen) {
    pages = whole.pages;
    notes = whole.notes;
    byPage = whole.byPage;
    identity = whole.identity + "#" + (chosen + 1);
    fileBytes = whole.fileBytes;
    this.chosen = chosen;
  }

  @Override
  public double ownWidth() {
    return pages.get(chosen).width();
  }

  @Override
  public double ownHeight() {
    return pages.get(chosen).height();
  }

  @Override
  public boolean hasAlpha() {
    return true;
  }

  @Override
  public String identity() {
    return identity;
  }

  /** A document is small beside pixels, but those it may keep as a paint are counted too. */
  @Override
  public long bytes() {
    return DOCUMENT_BYTES + fileBytes;
  }

  public int pageCount() {
    return pages.size();
  }

  public List<String> notes() {
    return notes;
  }

  /** The same picture for the same page, from 1; the last for numbers beyond. */
  public VectorPicture page(int number) {
    return byPage.get(Math.clamp(number, 1, pages.size()) - 1);
  }

  public List<Figure> figures(AffineTransform toPixels) {
    return pages.get(chosen).drawer().figures(toPixels);
  }

  /**
   * The names that the file gives this page's figures, in their order; empty for those without one.
   * None at all if they are not known.
   */
  public List<String> names() {
    return pages.get(chosen).names().get();
  }

  /**
   * This page as pixels.
   *
   * @param longerSide of the result, in pixels
   */
  public RasterPicture drawn(int longerSide) {
    return FigureDrawing.raster(this, (double) longerSide / Math.max(ownWidth(), ownHeight()));
  }

  /** The single colours this page is drawn in, most used first. */
  public List<Colour> colours() {
    Map<Integer, Integer> counts = new LinkedHashMap<>();
    for (Figure figure : Figure.apart(figures(new AffineTransform()))) {
      if (figure instanceof Figure.Filled filled && filled.paint() instanceof Color colour) {
        counts.merge(colour.getRGB() & 0xffffff, 1, Integer::sum);
      }
    }
    return counts.entrySet().stream()
        .sorted(Map.Entry.<Integer, Integer>comparingByValue().reversed())
        .limit(MOST_COLOURS)
        .map(Map.Entry::getKey)
        .map(rgb -> new Colour(rgb >> 16, rgb >> 8 & 0xff, rgb & 0xff, 255))
        .toList();
  }

  /** As pixels, for a paint that repeats it or is turned with a piece. */
  public RasterPicture asPaint() {
    RasterPicture known = raster;
    if (known == null) {
      double scale = Math.min(1, (double) PAINT_SIDE / Math.max(ownWidth(), ownHeight()));
      scale = Math.max(scale, Math.min(4, PAINT_SIDE / 2.0 / Math.max(ownWidth(), ownHeight())));
      raster = known = FigureDrawing.raster(this, scale);
    }
    return known;
  }
}
