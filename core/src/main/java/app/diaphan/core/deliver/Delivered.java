package app.diaphan.core.deliver;

import app.diaphan.core.render.DrawingTrouble;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * A file that was written, read back and found equal to the render.
 *
 * @param left where the file lies on its frame, in pixels
 * @param top the same, downwards
 * @param sideFile the file that says where it lies, if one was written
 * @param troubles what the designer should know of, none of it preventing
 */
public record Delivered(
    Path file,
    Target target,
    int left,
    int top,
    FileReport report,
    Optional<Path> sideFile,
    List<DrawingTrouble> troubles) {

  public String inWords() {
    return report.inWords() + "; read back equal";
  }
}
