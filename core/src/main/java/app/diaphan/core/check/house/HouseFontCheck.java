package app.diaphan.core.check.house;

import app.diaphan.core.Sentence;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.font.FontKind;
import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseFont;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Words are to be set in fonts of the house; those of other scripts are nobody's. */
final class HouseFontCheck {
  private final House house;
  private final FontShelf fonts;

  HouseFontCheck(Overlay overlay, Brand brand) {
    house = brand.house().seenBy(overlay);
    fonts = brand.fonts();
  }

  Optional<Finding> of(Piece piece) {
    if (!(piece instanceof TextPiece text) || house.fonts().isEmpty()) {
      return Optional.empty();
    }
    List<String> strange =
        text.runs().stream().filter(this::strange).map(Run::family).distinct().toList();
    if (strange.isEmpty()) {
      return Optional.empty();
    }
    String instead =
        strange.stream()
            .map(family -> nearest(family).family())
            .distinct()
            .collect(Collectors.joining(" and "));
    return Optional.of(
        new Finding(
            CheckKind.HOUSE_FONT,
            false,
            piece.id(),
            Sentence.of(
                "\"%s\" is set in %s, which is no font of the house.",
                piece.name(), String.join(", ", strange)),
            "",
            Sentence.of("Set it in %s", instead)));
  }

  Piece mended(Piece piece) {
    return piece instanceof TextPiece text
        ? text.withRuns(
            text.runs().stream()
                .map(
                    run -> {
                      if (!strange(run)) {
                        return run;
                      }
                      HouseFont font = nearest(run.family());
                      return run.inFont(font.name(), font.family());
                    })
                .toList())
        : piece;
  }

  private boolean strange(Run run) {
    return !run.words().isBlank()
        && kind(run.family()).filter(kind -> kind == FontKind.OTHER_SCRIPT).isEmpty()
        && house.fonts().stream().noneMatch(font -> font.family().equals(run.family()));
  }

  /** One of the same kind, or the first. */
  private HouseFont nearest(String family) {
    Optional<FontKind> wanted = kind(family);
    return house.fonts().stream()
        .filter(font -> wanted.isPresent() && kind(font.family()).equals(wanted))
        .findFirst()
        .orElseGet(() -> house.fonts().getFirst());
  }

  private Optional<FontKind> kind(String family) {
    return fonts.find(family).map(FontFamily::kind);
  }
}
