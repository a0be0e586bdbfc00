package app.diaphan.core.starter;

import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.geom.Rectangle2D;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The families that starters are set in.
 *
 * @param headline for what is read first: names, titles, quotations
 * @param label for what stands beside it
 * @param fonts where both are
 */
public record Lettering(String headline, String label, FontShelf fonts) {
  public static final Lettering OWN =
      new Lettering("Work Sans", "Barlow Condensed", ShippedFonts.shelf());

  private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

  /** Which of the two families a text has. */
  enum Role {
    HEADLINE,
    LABEL
  }

  /**
   * Those of a package: the family of its largest words, and of the others the one that most words
   * are set in; one alone serves for both.
   */
  public static Lettering of(Collection<Overlay> overlays, FontShelf fonts) {
    Map<String, Double> largest = new HashMap<>();
    Map<String, Integer> times = new HashMap<>();
    for (Overlay overlay : overlays) {
      Pieces.all(overlay.stack())
          .filter(TextPiece.class::isInstance)
          .map(TextPiece.class::cast)
          .flatMap(text -> text.runs().stream())
          .filter(run -> fonts.find(run.family()).isPresent())
          .forEach(
              run -> {
                largest.merge(run.family(), share(run, overlay), Double::max);
                times.merge(run.family(), 1, Integer::sum);
              });
    }
    // By name where two are alike, so that starters do not change from one time to the next.
    Optional<String> headline =
        largest.keySet().stream()
            .max(Comparator.<String>comparingDouble(largest::get).thenComparing(name -> name));
    return headline
        .map(
            first ->
                new Lettering(
                    first,
                    times.keySet().stream()
                        .filter(family -> !family.equals(first))
                        .max(
                            Comparator.<String>comparingInt(times::get).thenComparing(name -> name))
                        .orElse(first),
                    fonts))
        .orElse(OWN);
  }

  private static double share(Run run, Overlay overlay) {
    return run.size() / overlay.frame().shortSide();
  }

  /** The family that words are set in: the package's, unless it lacks one of their letters. */
  String family(Role role, String words, int weight) {
    String own = own(role);
    return font(own, weight).canDisplayUpTo(words) < 0 ? own : OWN.own(role);
  }

  private String own(Role role) {
    return switch (role) {
      case HEADLINE -> headline;
      case LABEL -> label;
    };
  }

  /**
   * By how much words are set smaller than in the family that starters are drawn with, where theirs
   * runs wider or higher; 1 where it does not.
   */
  double fitting(Role role, String words, int weight) {
    Rectangle2D drawn = extent(words, OWN.own(role), weight);
    Rectangle2D own = extent(words, family(role, words, weight), weight);
    return Math.min(
        1, Math.min(drawn.getWidth() / own.getWidth(), drawn.getHeight() / own.getHeight()));
  }

  /** As wide as the words, as high as a line. */
  private Rectangle2D extent(String words, String family, int weight) {
    return font(family, weight).deriveFont(100f).getStringBounds(words, EXACT);
  }

  private Font font(String family, int weight) {
    return fonts.find(family).orElseThrow().font(weight);
  }
}
