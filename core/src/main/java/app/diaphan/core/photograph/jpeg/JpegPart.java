package app.diaphan.core.photograph.jpeg;

import java.util.List;
import java.util.Optional;

/** What a JPEG file is made of, in its order. */
sealed interface JpegPart {
  /** A segment that stays as it is. */
  record Kept(Segment segment) implements JpegPart {}

  /** Tables of codes, which hold as long as the scans after them are coded by them. */
  record Codes(Segment segment) implements JpegPart {}

  /**
   * @param codes by class and number, that it was coded by
   * @param rows where they are coded, if they are decoded when they are asked for
   */
  record Coded(
      CoefficientScan scan, List<List<Optional<HuffmanCode>>> codes, Optional<CodedRows> rows)
      implements JpegPart {}
}
