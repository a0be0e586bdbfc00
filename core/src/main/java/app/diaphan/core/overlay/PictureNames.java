package app.diaphan.core.overlay;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

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
                case PlatePiece plate -> addFrom(plate.paint(), names);
                case TextPiece text -> addFrom(text.paint(), names);
                case GroupPiece group -> {}
              }
            });
    return names;
  }

  private static void addFrom(Paint paint, Set<String> names) {
    switch (paint) {
      case Paint.Texture texture -> names.add(texture.picture());
      case Paint.Pictured pictured -> names.add(pictured.picture());
      case Paint.Flat flat -> {}
      case Paint.Linear linear -> {}
      case Paint.Radial radial -> {}
      case Paint.Conic conic -> {}
    }
  }

  /** The pieces with other names for pictures; a name that is not among them stays. */
  public static List<Piece> replaced(List<Piece> pieces, Map<String, String> names) {
    return Pieces.mapped(
        pieces,
        piece ->
            switch (piece) {
              case PicturePiece picture ->
                  picture.withPicture(names.getOrDefault(picture.picture(), picture.picture()));
              case PlatePiece plate -> plate.withPaint(replaced(plate.paint(), names));
              case TextPiece text -> text.withPaint(replaced(text.paint(), names));
              case GroupPiece group -> group;
            });
  }

  private static Paint replaced(Paint paint, Map<String, String> names) {
    return switch (paint) {
      case Paint.Texture texture ->
          new Paint.Texture(
              names.getOrDefault(texture.picture(), texture.picture()),
              texture.width(),
              texture.turn(),
              texture.right(),
              texture.down());
      case Paint.Pictured pictured ->
          new Paint.Pictured(
              names.getOrDefault(pictured.picture(), pictured.picture()), pictured.fit());
      case Paint.Flat same -> same;
      case Paint.Linear same -> same;
      case Paint.Radial same -> same;
      case Paint.Conic same -> same;
    };
  }
}
