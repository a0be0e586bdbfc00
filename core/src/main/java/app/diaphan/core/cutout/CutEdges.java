package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.EdgeField;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Plane;
import java.util.Arrays;

/** What is done to a cut-out once it is found. */
final class CutEdges {
  /** Less alpha than this holds no part together. */
  private static final float SEEN = 1f / 255;

  private CutEdges() {}

  static void treat(Cut cut, CutEdge edge) {
    if (edge.specks() > 0) {
      dropSpecks(cut, edge.specks());
    }
    if (edge.pinholes() > 0) {
      fillPinholes(cut, edge.pinholes());
    }
    if (edge.grow() != 0 || edge.soften() > 0) {
      move(cut, edge.grow(), edge.soften());
    }
  }

  private static void dropSpecks(Cut cut, int pixels) {
    boolean[] seen = new boolean[cut.alpha().length];
    for (int i = 0; i < seen.length; i++) {
      seen[i] = cut.alpha()[i] >= SEEN;
    }
    Regions.smaller(
        seen, cut.width(), cut.height(), pixels, false, place -> cut.alpha()[place] = 0);
  }

  private static void fillPinholes(Cut cut, int pixels) {
    boolean[] holes = new boolean[cut.alpha().length];
    for (int i = 0; i < holes.length; i++) {
      holes[i] = cut.alpha()[i] < 1 - SEEN;
    }
    Regions.smaller(
        holes, cut.width(), cut.height(), pixels, true, place -> cut.alpha()[place] = 1);
  }

  private static void move(Cut cut, double grow, double soften) {
    int margin = (int) Math.ceil(Math.abs(grow)) + 2;
    Bounds all = new Bounds(0, 0, cut.width(), cut.height());
    Plane plane = new Plane(all, cut.alpha().clone());
    if (grow != 0) {
      Plane wide =
          EdgeField.of(plane.fitted(all.grown(margin, margin)), 1, 1, Math.abs(grow)).grown(grow);
      Plane moved = wide.fitted(all);
      // Soft parts beyond the edge stay as they are.
      for (int i = 0; i < moved.values().length; i++) {
        moved.values()[i] =
            grow > 0
                ? Math.max(moved.values()[i], plane.values()[i])
                : Math.min(moved.values()[i], plane.values()[i]);
      }
      plane = moved;
    }
    if (soften > 0) {
      int reach = GaussianBlur.reach(soften / 2);
      plane = GaussianBlur.of(plane.beyond(all, reach, reach), soften / 2, soften / 2, all);
    }
    spreadColours(cut, (int) Math.ceil(Math.max(0, grow) + 2 * soften) + 1);
    System.arraycopy(plane.values(), 0, cut.alpha(), 0, cut.alpha().length);
  }

  /** Gives clear pixels the colour of the nearest that are not, step by step. */
  private static void spreadColours(Cut cut, int steps) {
    int width = cut.width();
    boolean[] known = new boolean[cut.alpha().length];
    for (int i = 0; i < known.length; i++) {
      known[i] = cut.alpha()[i] >= SEEN;
    }
    for (int step = 0; step < steps; step++) {
      boolean[] before = known.clone();
      for (int y = 0; y < cut.height(); y++) {
        for (int x = 0; x < width; x++) {
          if (!before[y * width + x]) {
            known[y * width + x] = takeFromBeside(cut, before, x, y);
          }
        }
      }
      if (Arrays.equals(before, known)) {
        return;
      }
    }
  }

  private static boolean takeFromBeside(Cut cut, boolean[] known, int x, int y) {
    float[] sums = new float[3];
    int count = 0;
    for (int j = Math.max(0, y - 1); j <= Math.min(cut.height() - 1, y + 1); j++) {
      for (int i = Math.max(0, x - 1); i <= Math.min(cut.width() - 1, x + 1); i++) {
        int other = j * cut.width() + i;
        if (known[other]) {
          count++;
          for (int c = 0; c < 3; c++) {
            sums[c] += cut.colours()[3 * other + c];
          }
        }
      }
    }
    for (int c = 0; c < 3 && count > 0; c++) {
      cut.colours()[3 * (y * cut.width() + x) + c] = sums[c] / count;
    }
    return count > 0;
  }
}
