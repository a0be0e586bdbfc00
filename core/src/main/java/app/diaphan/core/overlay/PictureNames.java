package app.diaphan.core.overlay;

import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** The pictures of a package that pieces name. */
public final class PictureNames {
  private PictureNames() {}

  /** Every name in pieces and in groups among them, in order. */
  public static Set<String> in(List<Piece> pieces) {
    Set<String> names = new TreeSet<>();
    Pieces.all(pieces)
        .forEach(
            piece -> {
              switch (piece) {
                case PicturePiece picture -> names.add(picture.picture());
                case FilledPiece filled -> filled.paint().pictureName().ifPresent(names::add);
                case GroupPiece group -> {}
              }
              names.addAll(inFinishes(piece.look().finishes()));
            });
    return names;
  }

  /** Every name in finishes, in order. */
  public static Set<String> inFinishes(List<Finish> finishes) {
    return finishes.stream()
        .flatMap(finish -> finish.paints().stream())
        .flatMap(paint -> paint.pictureName().stream())
        .collect(Collectors.toCollection(TreeSet::new));
  }

  /** The overlay with other names for pictures, in what it keeps of its house as well. */
  public static Overlay replaced(Overlay overlay, Map<String, String> names) {
    return overlay
        .withStack(replaced(overlay.stack(), names))
        .withKept(overlay.kept().stream().map(kept -> replaced(kept, names)).toList());
  }

  private static Kept replaced(Kept kept, Map<String, String> names) {
    return switch (kept) {
      case Kept.KeptColour colour -> colour;
      case Kept.KeptFont font -> font;
      case Kept.KeptFinishes was ->
          new Kept.KeptFinishes(
              was.name(),
              was.lines(),
              was.finishes().stream()
                  .map(finish -> finish.repainted(paint -> replaced(paint, names)))
                  .toList());
      case Kept.KeptOriginal was ->
          new Kept.KeptOriginal(
              was.name(),
              was.lines(),
              (GroupPiece) replaced(List.<Piece>of(was.group()), names).getFirst());
    };
  }

  /** The pieces with other names for pictures; a name that is not among them stays. */
  public static List<Piece> replaced(List<Piece> pieces, Map<String, String> names) {
    return Pieces.mapped(
        pieces,
        piece ->
            inFinishesReplaced(
                switch (piece) {
                  case PicturePiece picture ->
                      picture.withPicture(names.getOrDefault(picture.picture(), picture.picture()));
                  case FilledPiece filled -> filled.withPaint(replaced(filled.paint(), names));
                  case GroupPiece group -> group.withCopyOf(replaced(group.copyOf(), names));
                },
                names));
  }

  /** A copy has no picture of its own because its original's have other names. */
  private static CopyOf replaced(CopyOf copyOf, Map<String, String> names) {
    return switch (copyOf) {
      case CopyOf.Nothing nothing -> nothing;
      case CopyOf.OfOriginal of ->
          of.withTaken((GroupPiece) replaced(List.of(of.taken()), names).getFirst());
    };
  }

  private static Piece inFinishesReplaced(Piece piece, Map<String, String> names) {
    return piece.withLook(
        piece
            .look()
            .withFinishes(
                piece.look().finishes().stream()
                    .map(finish -> finish.repainted(paint -> replaced(paint, names)))
                    .toList()));
  }

  private static Paint replaced(Paint paint, Map<String, String> names) {
    return paint
        .pictureName()
        .map(name -> paint.withPictureName(names.getOrDefault(name, name)))
        .orElse(paint);
  }
}
