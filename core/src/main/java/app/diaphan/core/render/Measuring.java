package app.diaphan.core.render;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.code.Modules;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.SizedPiece;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.type.SetText;
import app.diaphan.core.type.TextSetter;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;

/** What pieces show and how large they are, and what there is to say about that. */
final class Measuring {
  private final TextSetter setter;
  private final PictureShelf pictures;
  private final List<DrawingTrouble> troubles;

  /**
   * @param troubles is added to
   */
  Measuring(TextSetter setter, PictureShelf pictures, List<DrawingTrouble> troubles) {
    this.setter = setter;
    this.pictures = pictures;
    this.troubles = troubles;
  }

  Content.Lettered letters(TextPiece text) {
    SetText set = setter.set(text);
    if (!set.missing().isEmpty()) {
      find(
          text,
          false,
          Sentence.of(
              "No font here has %s, used in \"%s\"; an empty box is drawn instead.",
              String.join(" ", set.missing()), text.name()));
    }
    for (String family : set.unknownFamilies()) {
      find(
          text,
          true,
          Sentence.of(
              "The font \"%s\" of \"%s\" is not here; it is shown in %s. Choose another or bring it back.",
              family, text.name(), setter.standIn()));
    }
    if (!set.fitted().fits()) {
      boolean refused =
          text.box() instanceof TextBox.Given given && given.fit() instanceof TextBox.Fit.Refuse;
      find(
          text,
          refused,
          Sentence.of(
              "The words of \"%s\" are %.1f px too large for their box; shorten them, or let the box or the fit give way.",
              text.name(), set.fitted().over()));
    }
    return new Content.Lettered(set, fill(text, text.paint()));
  }

  Content.Shaped plate(PlatePiece plate, double width, double height) {
    return new Content.Shaped(
        PlateOutline.of(plate.shape(), width, height), fill(plate, plate.paint()), List.of());
  }

  Content sized(SizedPiece piece) {
    return switch (piece) {
      case PlatePiece plate -> plate(plate, plate.width(), plate.height());
      case PicturePiece picture -> picture(picture);
      case CodePiece code -> code(code);
    };
  }

  private Content code(CodePiece piece) {
    Modules modules;
    try {
      modules = Modules.of(piece.words(), piece.correction());
    } catch (InvalidInput e) {
      find(piece, true, "\"" + piece.name() + "\" cannot be drawn: " + e.getMessage());
      return new Content.Absent();
    }
    double unit = piece.side() / (modules.side() + 2 * piece.rim());
    AffineTransform toBox = AffineTransform.getScaleInstance(unit, unit);
    toBox.translate(piece.rim(), piece.rim());
    SetText.Inked dark =
        new SetText.Inked(toBox.createTransformedShape(modules.outline()), piece.ink());
    // What is not there has no edge to put a finish round.
    return piece.paint() instanceof Paint.Flat(Colour ground) && ground.alpha() == 0
        ? new Content.Shaped(dark.outline(), fill(piece, new Paint.Flat(piece.ink())), List.of())
        : new Content.Shaped(
            new Rectangle2D.Double(0, 0, piece.side(), piece.side()),
            fill(piece, piece.paint()),
            List.of(dark));
  }

  private Content picture(PicturePiece piece) {
    return named(piece, piece.picture())
        .<Content>map(
            picture ->
                new Content.Pictured(
                    page(picture, piece.page()),
                    piece.cutOut(),
                    piece.tint(),
                    piece.crop(),
                    piece.fit()))
        .orElseGet(Content.Absent::new);
  }

  private static Picture page(Picture picture, int number) {
    return switch (picture) {
      case RasterPicture raster -> raster;
      case VectorPicture vector -> vector.page(number);
    };
  }

  /** Looks whether the pictures that its finishes show are there. */
  void finishes(Piece piece) {
    PictureNames.inFinishes(piece.look().finishes()).forEach(name -> named(piece, name));
  }

  void find(Piece piece, boolean prevents, String sentence) {
    troubles.add(new DrawingTrouble(piece.id(), sentence, prevents));
  }

  private Content.Fill fill(Piece piece, Paint paint) {
    return new Content.Fill(paint, paint.pictureName().flatMap(name -> named(piece, name)));
  }

  private Optional<Picture> named(Piece piece, String name) {
    Optional<Picture> picture = pictures.picture(name);
    if (picture.isEmpty()) {
      find(
          piece,
          true,
          Sentence.of(
              "The package has no picture \"%s\", which \"%s\" shows; add it or choose another.",
              name, piece.name()));
    }
    return picture;
  }
}
