package app.diaphan.core.house.reading;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.TextPiece;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** The colours and fonts that overlays have and that follow no house. */
public final class OverlaysRead {
  private static final int MOST = 24;

  private OverlaysRead() {}

  /** Those of most overlays first; of as many, those that are met more often. */
  public static HouseFound of(Collection<Overlay> overlays, FontShelf fonts) {
    Map<Colour, Met> colours = new LinkedHashMap<>();
    Map<String, Met> families = new LinkedHashMap<>();
    for (Overlay overlay : overlays) {
      Pieces.all(overlay.stack())
          .forEach(
              piece -> {
                Colours.of(piece).stream()
                    .filter(colour -> colour.alpha() > 0 && colour.name().isEmpty())
                    .map(colour -> colour.withAlpha(255))
                    .forEach(
                        colour -> colours.computeIfAbsent(colour, key -> new Met()).in(overlay));
                if (piece instanceof TextPiece text) {
                  text.runs().stream()
                      .filter(run -> run.follows().isEmpty() && !run.words().isBlank())
                      .forEach(
                          run ->
                              families.computeIfAbsent(run.family(), key -> new Met()).in(overlay));
                }
              });
    }
    int all = Math.max(1, overlays.size());
    return new HouseFound(
        colours.entrySet().stream()
            .sorted(Map.Entry.comparingByValue(Met.MOST_FIRST))
            .limit(MOST)
            .map(
                one ->
                    new FoundColour(
                        one.getKey(),
                        ColourName.of(one.getKey()),
                        (double) one.getValue().overlays.size() / all,
                        one.getValue().words()))
            .toList(),
        families.entrySet().stream()
            .sorted(Map.Entry.comparingByValue(Met.MOST_FIRST))
            .limit(MOST)
            .map(
                one ->
                    new FoundFamily(
                        one.getKey(), fonts.find(one.getKey()).isPresent(), one.getValue().words()))
            .toList());
  }

  private static final class Met {
    static final Comparator<Met> MOST_FIRST =
        Comparator.<Met>comparingInt(met -> -met.overlays.size())
            .thenComparingInt(met -> -met.times);

    final Set<String> overlays = new HashSet<>();
    int times;

    void in(Overlay overlay) {
      overlays.add(overlay.name());
      times++;
    }

    String words() {
      return overlays.size() == 1
          ? "in " + overlays.iterator().next()
          : "in " + overlays.size() + " overlays";
    }
  }
}
