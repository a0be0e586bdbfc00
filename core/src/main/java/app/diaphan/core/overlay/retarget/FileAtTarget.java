package app.diaphan.core.overlay.retarget;

import app.diaphan.core.Require;
import app.diaphan.core.file.FileKind;

/** What kind of file an overlay is delivered as at a target. */
public sealed interface FileAtTarget {
  /** As the target's other overlays are. */
  record OfTarget() implements FileAtTarget {}

  /** As a kind of its own. */
  record OwnFile(FileKind file) implements FileAtTarget {
    public OwnFile {
      Require.present(file, "The kind of file that an overlay has of its own");
    }
  }

  FileAtTarget OF_TARGET = new OfTarget();

  /**
   * @param ofTarget the target's kind of file
   */
  default FileKind or(FileKind ofTarget) {
    return switch (this) {
      case OfTarget same -> ofTarget;
      case OwnFile(FileKind file) -> file;
    };
  }
}
