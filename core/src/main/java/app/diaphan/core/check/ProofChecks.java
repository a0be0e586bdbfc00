package app.diaphan.core.check;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.targets.TargetList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The checks before delivery. */
public final class ProofChecks {
  private static final Map<CheckKind, Check> CHECKS = new EnumMap<>(CheckKind.class);

  static {
    CHECKS.put(CheckKind.TITLE_SAFE, new TitleSafeCheck());
    CHECKS.put(CheckKind.CUT_BY_FRAME, new CutByFrameCheck());
    CHECKS.put(CheckKind.SMALL_WORDS, new SmallWordsCheck());
    CHECKS.put(CheckKind.LEGIBILITY, new LegibilityCheck());
    CHECKS.put(CheckKind.UNREADABLE_CODE, new UnreadableCodeCheck());
    CHECKS.put(CheckKind.THIN_LINES, new ThinLinesCheck());
    CHECKS.put(CheckKind.SMEARED_COLOURS, new SmearedColoursCheck());
    CHECKS.put(CheckKind.LOW_RESOLUTION, new LowResolutionCheck());
    CHECKS.put(CheckKind.FORGOTTEN_GROUND, new ForgottenGroundCheck());
    CHECKS.put(CheckKind.SPECKS, new SpecksCheck());
    CHECKS.put(CheckKind.NEARLY_INVISIBLE, new NearlyInvisibleCheck());
    CHECKS.put(CheckKind.DRAWING, new DrawingCheck());
    CHECKS.put(CheckKind.HIDDEN, new HiddenCheck());
    CHECKS.put(CheckKind.BANDING, new BandingCheck());
    CHECKS.put(CheckKind.HALVED_EDGES, new HalvedEdgesCheck());
    CHECKS.put(CheckKind.NO_TARGET, new NoTargetCheck());
  }

  private ProofChecks() {}

  /**
   * @param stills what the overlay may lie over; flat white, grey and black stand in for none
   * @param targets where the package's overlays are delivered
   * @param wanted which checks are made
   * @return what has to be put right first, then what is only to be known
   */
  public static List<Finding> of(
      Renderer renderer,
      Overlay overlay,
      List<Still> stills,
      TargetList targets,
      Set<CheckKind> wanted) {
    Proofed proofed =
        Proofed.of(renderer, overlay, stills.isEmpty() ? FlatStills.ALL : stills, targets);
    return CHECKS.entrySet().parallelStream()
        .filter(check -> wanted.contains(check.getKey()))
        .flatMap(check -> check.getValue().of(proofed).stream())
        .sorted(Comparator.comparing((Finding found) -> !found.fails()))
        .toList();
  }
}
