package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Soften;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * How a piece looks beyond its own shape and paint.
 *
 * @param faceOpacity thins the inside of the piece and leaves its finishes, 0–1
 * @param overallOpacity thins everything of the piece, 0–1
 * @param finishes what is done to its edge, in the order in which equal kinds lie, lowest first
 * @param follows the name of the package's finish set that the finishes are those of; empty for
 *     finishes of the piece's own
 * @param punch whether it is painted or cuts
 */
@RecordBuilder
public record Look(
    double faceOpacity, double overallOpacity, List<Finish> finishes, String follows, Punch punch)
    implements LookBuilder.With {
  private static final int MOST_FINISHES = 64;

  /** Solid, with a plain edge. */
  public static final Look PLAIN = new Look(1, 1, List.of(), "", Punch.NONE);

  public Look {
    Require.between(0, 1, faceOpacity, "The face opacity");
    Require.between(0, 1, overallOpacity, "The overall opacity");
    Require.present(finishes, "The list of finishes");
    Require.present(follows, "The finish set that is followed");
    Require.present(punch, "Whether the piece punches");
    if (finishes.size() > MOST_FINISHES) {
      throw new InvalidInput(
          Sentence.of(
              "There are %d finishes; at most %d can lie on one piece.",
              finishes.size(), MOST_FINISHES));
    }
    finishes = List.copyOf(finishes);
  }

  /** With finishes that are those of a set; of none for an empty name. */
  public Look following(String set) {
    return LookBuilder.builder(this).follows(set).build();
  }

  /** Of a piece whose group finishes each part by itself: the group's finishes lie over its own. */
  public Look within(Look group) {
    List<Finish> all = new ArrayList<>(finishes);
    all.addAll(group.finishes);
    return withFinishes(all).withFaceOpacity(faceOpacity * group.faceOpacity);
  }

  /** Thinned and cutting as its group does, without the group's finishes. */
  public Look outOf(Look group) {
    return LookBuilder.builder(this)
        .faceOpacity(faceOpacity * group.faceOpacity)
        .overallOpacity(overallOpacity * group.overallOpacity)
        .punch(punch == Punch.NONE ? group.punch : punch)
        .build();
  }

  /** Only what thins and cuts the whole: the finishes and the face are left to the parts. */
  public Look withoutFinishes() {
    return withFinishes(List.of()).withFaceOpacity(1);
  }

  /** With those finishes only that change the shape itself. */
  public Look withShapeOnly() {
    return withFinishes(finishes.stream().filter(Soften.class::isInstance).toList());
  }

  /** With those finishes only that a group's finishes see of a piece in it. */
  public Look withOutlineOnly() {
    return withFinishes(
        finishes.stream()
            .filter(finish -> finish instanceof Soften || finish instanceof Outline)
            .toList());
  }

  /** Whether it has finishes beside those that change the shape itself. */
  public boolean hasFinishesToSee() {
    return finishes.stream().anyMatch(finish -> finish.on() && !(finish instanceof Soften));
  }

  /** Whether the face or its edge is drawn otherwise than by shape and paint alone. */
  public boolean changesFace() {
    return faceOpacity < 1 || finishes.stream().anyMatch(Finish::on);
  }

  /** With all lengths so many times as long. */
  public Look scaled(double by) {
    return withFinishes(finishes.stream().map(finish -> finish.scaled(by)).toList());
  }
}
