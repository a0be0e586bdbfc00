package app.diaphan.core.overlay.retarget;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.List;
import java.util.Set;

/**
 * What is different about an overlay at one target of its package.
 *
 * @param target the name of the target
 * @param delivered whether the overlay is delivered there at all
 * @param file what kind of file it is there
 * @param changes only what does change, each piece once
 */
public record ForTarget(
    String target, boolean delivered, FileAtTarget file, List<PieceChange> changes) {
  public ForTarget {
    Require.present(target, "The name of a target");
    Require.present(file, "What kind of file a target has");
    Require.present(changes, "What a target changes");
    changes = changes.stream().filter(PieceChange::changes).toList();
    if (changes.stream().map(PieceChange::piece).distinct().count() < changes.size()) {
      throw new InvalidInput(Sentence.of("The target \"%s\" changes a piece twice.", target));
    }
  }

  /** Where nothing is different but what pieces are like. */
  public ForTarget(String target, boolean delivered, List<PieceChange> changes) {
    this(target, delivered, FileAtTarget.OF_TARGET, changes);
  }

  /** Without what is said of pieces that are no longer there. */
  public ForTarget keeping(Set<String> pieces) {
    return new ForTarget(
        target,
        delivered,
        file,
        changes.stream().filter(change -> pieces.contains(change.piece())).toList());
  }

  /** The same, said of a target by its other name. */
  public ForTarget named(String other) {
    return new ForTarget(other, delivered, file, changes);
  }

  public boolean says() {
    return !delivered || !file.equals(FileAtTarget.OF_TARGET) || !changes.isEmpty();
  }

  /** The same with all lengths so many times as long. */
  public ForTarget scaled(double by) {
    return new ForTarget(
        target,
        delivered,
        file,
        changes.stream()
            .map(
                change ->
                    new PieceChange(
                        change.piece(),
                        change.shown(),
                        change.right() * by,
                        change.down() * by,
                        change.scale()))
            .toList());
  }
}
