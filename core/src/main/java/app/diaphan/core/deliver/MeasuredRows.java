package app.diaphan.core.deliver;

/** What is measured of a file's rows while they are read one after the other. */
final class MeasuredRows implements FileInspector.RowVisitor {
  private final AlphaCount count;
  private final Fringe fringe;
  private final int pixel;
  private final int sample;
  private final boolean alpha;
  private final boolean fringed;
  private final FileInspector.RowVisitor visitor;

  /**
   * @param pixel bytes in a pixel
   * @param sample bytes in a sample: 1 or 2
   * @param alpha whether a pixel's last sample is alpha, or the grey of a key
   * @param fringed whether its samples are straight red, green, blue and alpha
   * @param visitor told of each row once it was measured
   */
  MeasuredRows(
      int width,
      int pixel,
      int sample,
      boolean alpha,
      boolean fringed,
      FileInspector.RowVisitor visitor) {
    this.pixel = pixel;
    this.sample = sample;
    this.alpha = alpha;
    this.fringed = fringed;
    this.visitor = visitor;
    count = new AlphaCount(width);
    fringe = new Fringe(width, sample);
  }

  @Override
  public void row(int y, byte[] samples, int at, int length) {
    boolean clear = false;
    if (alpha) {
      clear = count.row(y, samples, at, pixel, sample);
    } else {
      count.solidRow(y);
    }
    if (fringed) {
      fringe.row(y, samples, at, clear);
    }
    visitor.row(y, samples, at, length);
  }

  AlphaCount count() {
    return count;
  }

  /** In 255ths; 0 if it was not measured. */
  double fringe() {
    return fringed ? fringe.worst() : 0;
  }
}
