package app.diaphan.core.check.house;

import app.diaphan.core.Sentence;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.colour.Oklab;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.dress.Dress;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Faces and lines are to have colours of the house. */
final class HouseColourCheck {
  private final House house;
  private final Dress dress;

  HouseColourCheck(Overlay overlay, Brand brand) {
    house = brand.house().seenBy(overlay);
    dress = overlay.dress();
  }

  Optional<Finding> of(Piece piece) {
    List<Colour> strange = FaceColours.of(piece).stream().filter(this::strange).distinct().toList();
    if (strange.isEmpty() || house.colours().isEmpty()) {
      return Optional.empty();
    }
    String colours =
        strange.stream()
            .map(colour -> colour.following("").withAlpha(255).hex())
            .distinct()
            .collect(Collectors.joining(", "));
    String nearest =
        strange.stream()
            .map(colour -> nearest(colour).name())
            .distinct()
            .collect(Collectors.joining(" and "));
    return Optional.of(
        new Finding(
            CheckKind.HOUSE_COLOUR,
            false,
            piece.id(),
            Sentence.of("\"%s\" is in %s, which the house does not have.", piece.name(), colours),
            Sentence.of("Nearest is %s.", nearest),
            Sentence.of("Take %s", nearest)));
  }

  Piece mended(Piece piece) {
    return FaceColours.mapped(
        piece,
        colour -> {
          if (!strange(colour)) {
            return colour;
          }
          HouseColour own = nearest(colour);
          Colour value = own.in(dress);
          return new Colour(value.red(), value.green(), value.blue(), colour.alpha(), own.name());
        });
  }

  private boolean strange(Colour colour) {
    return house.colours().stream()
        .noneMatch(
            own ->
                own.name().equals(colour.name())
                    || sameToSee(own.light(), colour)
                    || sameToSee(own.dark(), colour));
  }

  private static boolean sameToSee(Colour one, Colour other) {
    return one.red() == other.red() && one.green() == other.green() && one.blue() == other.blue();
  }

  private HouseColour nearest(Colour colour) {
    Oklab wanted = Oklab.of(colour);
    return house.colours().stream()
        .min(Comparator.comparingDouble(own -> Oklab.of(own.in(dress)).to(wanted)))
        .orElseThrow();
  }
}
