package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.code.Modules;
import app.diaphan.core.code.ReadCode;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A camera has to read codes, over every still: they are read here from what the frame shows. Their
 * modules have to be of a 270th of the frame's shorter side, which is 4 px of 1080 lines: half of
 * that is left on a smaller screen or by a careless codec, and is read. And around them has to be
 * the light rim of 4 modules that ISO/IEC 18004 asks for; without it they are not found.
 */
final class UnreadableCodeCheck implements Check {
  private static final double SHARE = 1.0 / 270;

  /** How many pixels of a module a camera has that is near enough. */
  private static final int EACH = 6;

  /** Share of the rim's modules that may be dark: a corner of something, or the rim's own edge. */
  private static final double SPOILT = 0.02;

  @Override
  public List<Finding> of(Proofed proofed) {
    List<Finding> found = new ArrayList<>();
    proofed
        .shown()
        .forEach(
            placed -> {
              if (placed.piece() instanceof CodePiece code
                  && placed.content() instanceof Content.Shaped) {
                new OneCode(proofed, placed, code).troubles().forEach(found::add);
              }
            });
    return found;
  }

  /** One code as the frame shows it. */
  private record OneCode(
      Proofed proofed, PlacedPiece placed, CodePiece code, Modules modules, AffineTransform grid) {

    OneCode(Proofed proofed, PlacedPiece placed, CodePiece code) {
      this(proofed, placed, code, Modules.of(code.words(), code.correction()));
    }

    private OneCode(Proofed proofed, PlacedPiece placed, CodePiece code, Modules modules) {
      this(proofed, placed, code, modules, grid(placed, code, modules));
    }

    /** From modules, counted from the code's own top left, to pixels. */
    private static AffineTransform grid(PlacedPiece placed, CodePiece code, Modules modules) {
      AffineTransform grid = new AffineTransform(placed.toPixels());
      double unit = placed.width() / (modules.side() + 2 * code.rim());
      grid.scale(unit, unit);
      grid.translate(code.rim(), code.rim());
      return grid;
    }

    List<Finding> troubles() {
      List<Finding> troubles = new ArrayList<>();
      tooSmall().ifPresent(troubles::add);
      proofed.stills().stream()
          .flatMap(still -> over(still).stream())
          .findFirst()
          .ifPresent(troubles::add);
      return troubles;
    }

    private Optional<Finding> tooSmall() {
      Canvas canvas = proofed.rendering().canvas();
      double least = SHARE * Math.min(canvas.width(), canvas.height());
      double each = Math.sqrt(Math.abs(grid.getDeterminant()));
      if (each >= least * 0.999) {
        return Optional.empty();
      }
      return Optional.of(
          found(
              Sentence.of(
                  "The modules of \"%s\" are %.1f px wide on this frame; from %.1f px on a camera reads them.",
                  code.name(), each, least),
              "Make it larger, let it say less, or choose less correction."));
    }

    private Optional<Finding> over(Still still) {
      Bounds seen = seen();
      if (seen.width() < 1 || seen.height() < 1) {
        return Optional.empty(); // What lies off the frame is found by another check.
      }
      Seen picture = Seen.of(proofed.rendering(), seen, still);
      double dark = mean(picture, true);
      double light = mean(picture, false);
      if (dark >= light) {
        return Optional.of(
            found(
                Sentence.of(
                    "The modules of \"%s\" are no darker than what is between them over %s; many cameras read dark on light only.",
                    code.name(), still.name()),
                "Exchange its ink and its ground, or give it a light ground."));
      }
      if (!read(picture)) {
        return Optional.of(
            found(
                Sentence.of("A camera cannot read \"%s\" over %s.", code.name(), still.name()),
                "Give it a solid light ground and dark ink, and let nothing lie over it."));
      }
      return spoilt(picture, (dark + light) / 2) <= SPOILT
          ? Optional.empty()
          : Optional.of(
              found(
                  Sentence.of(
                      "The rim of \"%s\" is not light for %d modules on all sides over %s; a camera needs that to find it.",
                      code.name(), Modules.QUIET, still.name()),
                  "Widen its rim, or move away what lies beside it."));
    }

    private boolean read(Seen picture) {
      int count = modules.side() + 2 * Modules.QUIET;
      int[] upright = picture.upright(grid, -Modules.QUIET, count, EACH);
      return ReadCode.in(upright, count * EACH, count * EACH)
          .filter(code.words()::equals)
          .isPresent();
    }

    private Finding found(String sentence, String mend) {
      return new Finding(CheckKind.UNREADABLE_CODE, true, code.id(), sentence, mend);
    }

    /** The part of the frame with the code and its rim. */
    private Bounds seen() {
      double whole = modules.side() + 2 * Modules.QUIET;
      Rectangle2D box =
          grid.createTransformedShape(
                  new Rectangle2D.Double(-Modules.QUIET, -Modules.QUIET, whole, whole))
              .getBounds2D();
      return Bounds.around(box).within(proofed.rendering().canvas().bounds());
    }

    /** How light the dark or the light modules are, 0–1. */
    private double mean(Seen picture, boolean dark) {
      double sum = 0;
      int count = 0;
      for (int row = 0; row < modules.side(); row++) {
        for (int column = 0; column < modules.side(); column++) {
          if (modules.dark(column, row) == dark) {
            sum += picture.lightness(grid, column, row);
            count++;
          }
        }
      }
      return sum / count;
    }

    /** Share of the rim that is not light; what is off the frame is not. */
    private double spoilt(Seen picture, double threshold) {
      int spoilt = 0;
      int count = 0;
      for (int row = -Modules.QUIET; row < modules.side() + Modules.QUIET; row++) {
        for (int column = -Modules.QUIET; column < modules.side() + Modules.QUIET; column++) {
          boolean inCode =
              row >= 0 && row < modules.side() && column >= 0 && column < modules.side();
          if (!inCode) {
            count++;
            spoilt += picture.lightness(grid, column, row) < threshold ? 1 : 0;
          }
        }
      }
      return (double) spoilt / count;
    }
  }
}
