package app.diaphan.server.json;

import app.diaphan.core.arrange.Arrangement;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.cue.Dealing;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.Extent;
import app.diaphan.core.file.Resolution;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.PixelAspect;
import app.diaphan.core.house.MarkColours;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.FacedPiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Kept;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.overlay.finish.Rim;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.Soften;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.retarget.FileAtTarget;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.photograph.Corner;
import app.diaphan.core.photograph.Measure;
import app.diaphan.core.photograph.OtherDress;
import app.diaphan.core.targets.NamePattern;
import app.diaphan.core.targets.TargetFrame;
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
    return Map.ofEntries(
        Map.entry(Piece.class, PieceShape.class),
        Map.entry(FacedPiece.class, PieceShape.class),
        Map.entry(PlateShape.class, PlateShapeShape.class),
        Map.entry(Paint.class, PaintShape.class),
        Map.entry(Finish.class, FinishShape.class),
        Map.entry(CutOut.class, CutOutShape.class),
        Map.entry(CutOut.GroundColour.class, GroundColourShape.class),
        Map.entry(Tint.class, TintShape.class),
        Map.entry(Slot.class, SlotShape.class),
        Map.entry(Hook.class, HookShape.class),
        Map.entry(Run.Ink.class, InkShape.class),
        Map.entry(TextBox.class, TextBoxShape.class),
        Map.entry(TextBox.Fit.class, FitShape.class),
        Map.entry(Kept.class, KeptShape.class),
        Map.entry(CopyOf.class, CopyOfShape.class),
        Map.entry(MarkColours.class, MarkColoursShape.class),
        Map.entry(Extent.class, ExtentShape.class),
        Map.entry(Carried.class, CarriedShape.class),
        Map.entry(TargetFrame.class, TargetFrameShape.class),
        Map.entry(Resolution.class, ResolutionShape.class),
        Map.entry(Corner.class, CornerShape.class),
        Map.entry(Measure.class, MeasureShape.class),
        Map.entry(OtherDress.class, OtherDressShape.class),
        Map.entry(Move.class, MoveShape.class),
        Map.entry(Dealing.Lasting.class, LastingShape.class),
        Map.entry(FileAtTarget.class, FileAtTargetShape.class),
        Map.entry(NamePattern.class, WordShape.class),
        Map.entry(Arrangement.class, ArrangementShape.class),
        Map.entry(Colour.class, WordShape.class),
        Map.entry(PixelAspect.class, WordShape.class),
        Map.entry(Backing.class, BackingShape.class),
        Map.entry(Frame.class, FrameShape.class));
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = TextPiece.class, name = "text"),
    @JsonSubTypes.Type(value = PlatePiece.class, name = "plate"),
    @JsonSubTypes.Type(value = PicturePiece.class, name = "picture"),
    @JsonSubTypes.Type(value = CodePiece.class, name = "code"),
    @JsonSubTypes.Type(value = GroupPiece.class, name = "group")
  })
  interface PieceShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = PlateShape.Rectangle.class, name = "rectangle"),
    @JsonSubTypes.Type(value = PlateShape.RoundedRectangle.class, name = "rounded"),
    @JsonSubTypes.Type(value = PlateShape.Ellipse.class, name = "ellipse"),
    @JsonSubTypes.Type(value = PlateShape.Rule.class, name = "rule"),
    @JsonSubTypes.Type(value = PlateShape.RegularPolygon.class, name = "polygon"),
    @JsonSubTypes.Type(value = PlateShape.Star.class, name = "star"),
    @JsonSubTypes.Type(value = PlateShape.Triangle.class, name = "triangle"),
    @JsonSubTypes.Type(value = PlateShape.Chevron.class, name = "chevron"),
    @JsonSubTypes.Type(value = PlateShape.SlantedBar.class, name = "slanted"),
    @JsonSubTypes.Type(value = PlateShape.Wedge.class, name = "wedge"),
    @JsonSubTypes.Type(value = PlateShape.FreePolygon.class, name = "free"),
    @JsonSubTypes.Type(value = PlateShape.Drawn.class, name = "drawn")
  })
  interface PlateShapeShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Paint.Flat.class, name = "flat"),
    @JsonSubTypes.Type(value = Paint.Linear.class, name = "linear"),
    @JsonSubTypes.Type(value = Paint.Radial.class, name = "radial"),
    @JsonSubTypes.Type(value = Paint.Conic.class, name = "conic"),
    @JsonSubTypes.Type(value = Paint.Texture.class, name = "texture"),
    @JsonSubTypes.Type(value = Paint.Pictured.class, name = "picture"),
    @JsonSubTypes.Type(value = Paint.Patterned.class, name = "pattern")
  })
  interface PaintShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Outline.class, name = "outline"),
    @JsonSubTypes.Type(value = Halo.class, name = "halo"),
    @JsonSubTypes.Type(value = Shadow.class, name = "shadow"),
    @JsonSubTypes.Type(value = Inset.class, name = "inset"),
    @JsonSubTypes.Type(value = Rim.class, name = "rim"),
    @JsonSubTypes.Type(value = Relief.class, name = "relief"),
    @JsonSubTypes.Type(value = Soften.class, name = "soften")
  })
  interface FinishShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Hook.OfFrame.class, name = "frame"),
    @JsonSubTypes.Type(value = Hook.OfPiece.class, name = "piece"),
    @JsonSubTypes.Type(value = Hook.OfGroup.class, name = "group")
  })
  interface HookShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Slot.PictureOf.class, name = "picture"),
    @JsonSubTypes.Type(value = Slot.ColourOf.class, name = "colour"),
    @JsonSubTypes.Type(value = Slot.ShownBy.class, name = "shown"),
    @JsonSubTypes.Type(value = Slot.FinishesOf.class, name = "finishes"),
    @JsonSubTypes.Type(value = Slot.ShownWithWords.class, name = "shown-with-words")
  })
  interface SlotShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Run.Ink.Shared.class, name = "shared"),
    @JsonSubTypes.Type(value = Run.Ink.Own.class, name = "own")
  })
  interface InkShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = TextBox.Free.class, name = "free"),
    @JsonSubTypes.Type(value = TextBox.Given.class, name = "given")
  })
  interface TextBoxShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = TextBox.Fit.AsSet.class, name = "as-set"),
    @JsonSubTypes.Type(value = TextBox.Fit.Shrink.class, name = "shrink"),
    @JsonSubTypes.Type(value = TextBox.Fit.Condense.class, name = "condense"),
    @JsonSubTypes.Type(value = TextBox.Fit.Wrap.class, name = "wrap"),
    @JsonSubTypes.Type(value = TextBox.Fit.Refuse.class, name = "refuse")
  })
  interface FitShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Arrangement.Moved.class, name = "move"),
    @JsonSubTypes.Type(value = Arrangement.Offset.class, name = "offset"),
    @JsonSubTypes.Type(value = Arrangement.Sized.class, name = "size"),
    @JsonSubTypes.Type(value = Arrangement.Turned.class, name = "turn"),
    @JsonSubTypes.Type(value = Arrangement.Mirrored.class, name = "mirror"),
    @JsonSubTypes.Type(value = Arrangement.Aligned.class, name = "align"),
    @JsonSubTypes.Type(value = Arrangement.Spaced.class, name = "space"),
    @JsonSubTypes.Type(value = Arrangement.SameSize.class, name = "same-size"),
    @JsonSubTypes.Type(value = Arrangement.WholePixels.class, name = "whole-pixels"),
    @JsonSubTypes.Type(value = Arrangement.Ordered.class, name = "order"),
    @JsonSubTypes.Type(value = Arrangement.Restacked.class, name = "restack"),
    @JsonSubTypes.Type(value = Arrangement.Grouped.class, name = "group"),
    @JsonSubTypes.Type(value = Arrangement.Ungrouped.class, name = "ungroup"),
    @JsonSubTypes.Type(value = Arrangement.LetGo.class, name = "let-go"),
    @JsonSubTypes.Type(value = Arrangement.LikeOriginal.class, name = "like-original"),
    @JsonSubTypes.Type(value = Arrangement.Rehung.class, name = "rehang"),
    @JsonSubTypes.Type(value = Arrangement.Split.class, name = "split"),
    @JsonSubTypes.Type(value = Arrangement.Trimmed.class, name = "trim"),
    @JsonSubTypes.Type(value = Arrangement.Removed.class, name = "remove"),
    @JsonSubTypes.Type(value = Arrangement.Duplicated.class, name = "duplicate"),
    @JsonSubTypes.Type(value = Arrangement.Pasted.class, name = "paste")
  })
  interface ArrangementShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = CutOut.Uncut.class, name = "none"),
    @JsonSubTypes.Type(value = CutOut.ByColour.class, name = "colour"),
    @JsonSubTypes.Type(value = CutOut.ByBrightness.class, name = "brightness"),
    @JsonSubTypes.Type(value = CutOut.ByMarks.class, name = "marks")
  })
  interface CutOutShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = CutOut.GroundColour.OfBorder.class, name = "border"),
    @JsonSubTypes.Type(value = CutOut.GroundColour.OfColour.class, name = "colour")
  })
  interface GroundColourShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Tint.OwnColours.class, name = "own"),
    @JsonSubTypes.Type(value = Tint.OneColour.class, name = "one"),
    @JsonSubTypes.Type(value = Tint.Gradient.class, name = "gradient"),
    @JsonSubTypes.Type(value = Tint.Adjusted.class, name = "adjusted"),
    @JsonSubTypes.Type(value = Tint.Replaced.class, name = "replaced")
  })
  interface TintShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Kept.KeptColour.class, name = "colour"),
    @JsonSubTypes.Type(value = Kept.KeptFinishes.class, name = "finishes"),
    @JsonSubTypes.Type(value = Kept.KeptFont.class, name = "font"),
    @JsonSubTypes.Type(value = Kept.KeptOriginal.class, name = "original")
  })
  interface KeptShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = CopyOf.Nothing.class, name = "nothing"),
    @JsonSubTypes.Type(value = CopyOf.OfOriginal.class, name = "original")
  })
  interface CopyOfShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = OtherDress.Exchanged.class, name = "exchanged"),
    @JsonSubTypes.Type(value = OtherDress.OfHouse.class, name = "house"),
    @JsonSubTypes.Type(value = OtherDress.InFinishes.class, name = "finishes"),
    @JsonSubTypes.Type(value = OtherDress.AnotherOverlay.class, name = "overlay")
  })
  interface OtherDressShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = MarkColours.Any.class, name = "any"),
    @JsonSubTypes.Type(value = MarkColours.OwnOnly.class, name = "own"),
    @JsonSubTypes.Type(value = MarkColours.OneOf.class, name = "one-of")
  })
  interface MarkColoursShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Extent.WholeFrame.class, name = "frame"),
    @JsonSubTypes.Type(value = Extent.TrimmedExtent.class, name = "drawn")
  })
  interface ExtentShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Carried.Straight.class, name = "straight"),
    @JsonSubTypes.Type(value = Carried.Premultiplied.class, name = "premultiplied"),
    @JsonSubTypes.Type(value = Carried.FillAndKey.class, name = "fill-and-key"),
    @JsonSubTypes.Type(value = Carried.OverColour.class, name = "over-colour")
  })
  interface CarriedShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = TargetFrame.OfOverlay.class, name = "own"),
    @JsonSubTypes.Type(value = TargetFrame.SameForAll.class, name = "given")
  })
  interface TargetFrameShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Resolution.FramesOwn.class, name = "frame"),
    @JsonSubTypes.Type(value = Resolution.DotsPerInch.class, name = "given")
  })
  interface ResolutionShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = FileAtTarget.OfTarget.class, name = "target"),
    @JsonSubTypes.Type(value = FileAtTarget.OwnFile.class, name = "own")
  })
  interface FileAtTargetShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Corner.At.class, name = "at"),
    @JsonSubTypes.Type(value = Corner.Quietest.class, name = "quietest")
  })
  interface CornerShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Measure.OfShorterSide.class, name = "share"),
    @JsonSubTypes.Type(value = Measure.Pixels.class, name = "pixels")
  })
  interface MeasureShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Move.Cut.class, name = "cut"),
    @JsonSubTypes.Type(value = Move.Fade.class, name = "fade"),
    @JsonSubTypes.Type(value = Move.Slide.class, name = "slide"),
    @JsonSubTypes.Type(value = Move.Grow.class, name = "grow")
  })
  interface MoveShape {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Dealing.Lasting.UntilNext.class, name = "until-next"),
    @JsonSubTypes.Type(value = Dealing.Lasting.Fixed.class, name = "fixed"),
    @JsonSubTypes.Type(value = Dealing.Lasting.OfMarker.class, name = "of-marker")
  })
  interface LastingShape {}

  @JsonIgnoreProperties("any")
  interface BackingShape {}

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

  @JsonIgnoreProperties({"displayWidth", "displayHeight", "shortSide", "sizeInWords", "scrolled"})
  interface FrameShape {}
}
