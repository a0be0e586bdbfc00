package app.diaphan.core.code;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import io.nayuki.qrcodegen.DataTooLongException;
import io.nayuki.qrcodegen.QrCode;
import io.nayuki.qrcodegen.QrSegment;
import java.awt.geom.Path2D;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** Words as the modules of a QR code (ISO/IEC 18004), without the clear rim around them. */
public final class Modules {
  /** How many modules wide the rim is that the standard wants clear on all sides. */
  public static final int QUIET = 4;

  /** More letters go into no code, whatever its correction. */
  public static final int MOST_CHARACTERS = 2953;

  /** "What follows is UTF-8", by the numbers of AIM's assignments (ECI 000026). */
  private static final int UTF_8 = 26;

  private final QrCode code;

  private Modules(QrCode code) {
    this.code = code;
  }

  /**
   * The smallest code for the words, with more correction than asked for if there is room for it.
   *
   * @throws InvalidInput if there are no words, or more than a code holds
   */
  public static Modules of(String words, Correction correction) {
    if (words.isBlank()) {
      throw new InvalidInput("There are no words to make a code of; write what it is to open.");
    }
    try {
      return new Modules(QrCode.encodeSegments(segments(words), level(correction)));
    } catch (DataTooLongException e) {
      throw new InvalidInput(
          Sentence.of(
              "The words are too long for a code: they take %d bytes, and with a correction of %.0f %% it holds about %d. Shorten them, or choose less correction.",
              words.getBytes(StandardCharsets.UTF_8).length,
              100 * correction.share(),
              mostBytes(correction)),
          e);
    }
  }

  /** Letters beyond ASCII are said to be UTF-8; without that, readers guess. */
  private static List<QrSegment> segments(String words) {
    List<QrSegment> segments = new ArrayList<>();
    if (!StandardCharsets.US_ASCII.newEncoder().canEncode(words)) {
      segments.add(QrSegment.makeEci(UTF_8));
    }
    segments.addAll(QrSegment.makeSegments(words));
    return segments;
  }

  private static QrCode.Ecc level(Correction correction) {
    return switch (correction) {
      case L -> QrCode.Ecc.LOW;
      case M -> QrCode.Ecc.MEDIUM;
      case Q -> QrCode.Ecc.QUARTILE;
      case H -> QrCode.Ecc.HIGH;
    };
  }

  /** Of any letters, by ISO/IEC 18004, table 7. */
  private static int mostBytes(Correction correction) {
    return switch (correction) {
      case L -> 2953;
      case M -> 2331;
      case Q -> 1663;
      case H -> 1273;
    };
  }

  /** How many modules wide and high it is. */
  public int side() {
    return code.size;
  }

  /** Whether a module is dark; those beside the code are light. */
  public boolean dark(int column, int row) {
    return code.getModule(column, row);
  }

  /**
   * The dark modules, each a unit wide and high, from the top left corner of the code. Modules that
   * touch by a side make one outline, so that no seam shows between them.
   */
  public Path2D outline() {
    return ModuleOutline.of(this);
  }
}
