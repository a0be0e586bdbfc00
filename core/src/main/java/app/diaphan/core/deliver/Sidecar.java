package app.diaphan.core.deliver;

import app.diaphan.core.overlay.Overlay;
import java.util.List;

/**
 * What a delivery's files are, for programs that place them.
 *
 * @param pixelAspect of the frame, such as "1/1" or "40/33"
 * @param left where the files lie on the frame, in its pixels
 * @param top the same, downwards
 */
public record Sidecar(
    String overlay,
    int frameWidth,
    int frameHeight,
    String pixelAspect,
    int left,
    int top,
    int width,
    int height,
    List<File> files) {
  /**
   * @param alpha in words
   * @param sha256 digest of the file, in hex
   */
  public record File(String name, int bits, int channels, String alpha, String sha256) {}

  static Sidecar of(Overlay overlay, List<Delivered> delivered) {
    Delivered first = delivered.getFirst();
    return new Sidecar(
        overlay.name(),
        first.target().frame().width(),
        first.target().frame().height(),
        first.target().frame().pixelAspect().toString(),
        first.left(),
        first.top(),
        first.report().width(),
        first.report().height(),
        delivered.stream().map(Sidecar::file).toList());
  }

  private static File file(Delivered delivered) {
    FileReport report = delivered.report();
    return new File(
        delivered.file().getFileName().toString(),
        report.bits(),
        report.channels(),
        report.alpha().words(),
        report.sha256());
  }
}
