package app.diaphan.server.json;

import app.diaphan.core.overlay.Finish;
import app.diaphan.core.overlay.Paint;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.TextPiece;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Map;

/**
 * How the core's records are written as JSON. The core itself knows nothing of JSON, so what a
 * library reads from annotations stands here, on shapes that are laid over the core's types.
 */
public final class DocumentShapes {
  private DocumentShapes() {}

  /** Each type of the core with the shape laid over it. */
  static Map<Class<?>, Class<?>> all() {
    return Map.of(
        app.diaphan.core.overlay.Piece.class, PieceShape.class,
        PlateShape.class, PlateShapeShape.class,
        Paint.class, PaintShape.class,
        Finish.class, FinishShape.class,
        app.diaphan.core.overlay.Colour.class, WordShape.class,
        app.diaphan.core.frame.PixelAspect.class, WordShape.class,
        app.diaphan.core.frame.Frame.class, FrameShape.class);
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = TextPiece.class, name = "text"),
    @JsonSubTypes.Type(value = PlatePiece.class, name = "plate"),
    @JsonSubTypes.Type(value = PicturePiece.class, name = "picture")
  })
  interface PieceShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = PlateShape.Rectangle.class, name = "rectangle"),
    @JsonSubTypes.Type(value = PlateShape.RoundedRectangle.class, name = "rounded"),
    @JsonSubTypes.Type(value = PlateShape.Ellipse.class, name = "ellipse")
  })
  interface PlateShapeShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Paint.Flat.class, name = "flat"),
    @JsonSubTypes.Type(value = Paint.Linear.class, name = "linear")
  })
  interface PaintShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Finish.Shadow.class, name = "shadow"),
    @JsonSubTypes.Type(value = Finish.Outline.class, name = "outline")
  })
  interface FinishShape {}

  /** Values that are written as one word, such as "#e8a33d" or "40/33". */
  abstract static class WordShape {
    @JsonCreator
    static Object parse(String text) {
      throw new UnsupportedOperationException();
    }

    @Override
    @JsonValue
    public abstract String toString();
  }

  @JsonIgnoreProperties({"displayWidth", "displayHeight", "shortSide", "sizeInWords"})
  interface FrameShape {}
}
