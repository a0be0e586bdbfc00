package app.diaphan.core.deliver;

import app.diaphan.core.Sentence;
import java.io.IOException;

/** Whether a written file is read as it was drawn. */
final class ReadBack {
  private ReadBack() {}

  /** Reads a written file. */
  @FunctionalInterface
  interface Reading {
    FileReport report() throws IOException;
  }

  /**
   * @throws DeliveryFailed if it cannot be read
   */
  static FileReport read(Reading reading) throws IOException {
    try {
      return reading.report();
    } catch (DeliveryFailed e) {
      throw e;
    } catch (RuntimeException e) {
      throw unreadable(e);
    }
  }

  static DeliveryFailed unreadable(Throwable e) {
    return new DeliveryFailed(
        "The written file could not be read back, so it was not kept. Deliver again; if it happens twice, check the disk.",
        e);
  }

  /** Refuses rows that are not those noted while they were written. */
  static FileInspector.RowVisitor equal(SampleRows samples, RowSums rowSums) {
    return (y, row, at, length) -> {
      if (length != samples.bytesPerRow() || !rowSums.same(y, row, at, length)) {
        throw new DeliveryFailed(
            Sentence.of(
                "Line %d of the written file was not read back as it was drawn, so the file was not kept. Deliver again; if it happens twice, check the disk.",
                y + 1));
      }
    };
  }

  /** Refuses a file that says something else of itself than was asked for. */
  static void held(FileReport report, SampleRows samples, FileReport.AlphaFound expected) {
    if (report.height() != samples.height()
        || report.width() != samples.width()
        || report.bits() != samples.depth().bits()
        || report.channels() != samples.channels()
        || report.alpha() != expected) {
      throw new DeliveryFailed(
          Sentence.of(
              "The written file says \"%s\" of itself, which is not what was asked for; it was not kept.",
              report.inWords()));
    }
  }
}
