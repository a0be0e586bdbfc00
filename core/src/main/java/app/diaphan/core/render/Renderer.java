package app.diaphan.core.render;

import app.diaphan.core.cutout.CutPictures;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.FacedPiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.GroupPiece.Finishing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.type.SetText;
import app.diaphan.core.type.TextSetter;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Draws overlays: {@link Layout} places the pieces, {@link PiecePainter} turns each into layers of
 * coverage and paint, {@link Rendering} puts the layers together. Painted pieces are remembered, so
 * drawing an overlay again costs only what has changed.
 */
public final class Renderer {
  private final PictureShelf pictures;
  private final TextSetter setter;
  private final PaintedPieces remembered;
  private final CutPictures cuts;

  /**
   * @param memory where painted pieces and pictures that were cut out are kept between drawings
   */
  public Renderer(FontShelf fonts, PictureShelf pictures, Memory memory) {
    this(fonts, pictures, memory, memory);
  }

  /**
   * @param painted where painted pieces are kept between drawings
   * @param cut where pictures that were cut out are, which are few and large
   */
  public Renderer(FontShelf fonts, PictureShelf pictures, Memory painted, Memory cut) {
    this(new TextSetter(fonts), pictures, new PaintedPieces(painted), new CutPictures(cut));
  }

  private Renderer(
      TextSetter setter, PictureShelf pictures, PaintedPieces remembered, CutPictures cuts) {
    this.setter = setter;
    this.pictures = pictures;
    this.remembered = remembered;
    this.cuts = cuts;
  }

  /** A renderer over other pictures that shares what this one remembers. */
  public Renderer with(PictureShelf other) {
    return new Renderer(setter, other, remembered, cuts);
  }

  /** What words are set in. */
  public FontShelf fonts() {
    return setter.fonts();
  }

  /** A renderer over other fonts that shares what this one remembers. */
  public Renderer with(FontShelf fonts) {
    return new Renderer(new TextSetter(fonts), pictures, remembered, cuts);
  }

  /** Draws the shown pieces. */
  public Rendering render(Overlay overlay, Canvas canvas) {
    Layout.Placed layout = new Layout(setter, pictures).place(overlay, canvas);
    List<DrawingTrouble> troubles = new ArrayList<>(layout.troubles());
    troubles.addAll(IdlePunches.of(layout.pieces()));
    return drawn(layout.pieces(), troubles, canvas);
  }

  /** Draws only these pieces, from front to back, as they lie on a canvas. */
  public Rendering render(List<PlacedPiece> placed, Canvas canvas) {
    return drawn(placed, List.of(), canvas);
  }

  private Rendering drawn(List<PlacedPiece> pieces, List<DrawingTrouble> troubles, Canvas canvas) {
    Set<String> shown = new HashSet<>();
    addShown(pieces, shown);
    return new Rendering(
        canvas,
        pieces,
        paint(pieces, own -> own, canvas),
        troubles.stream().filter(trouble -> shown.contains(trouble.piece())).toList());
  }

  private List<Painted> paint(
      List<PlacedPiece> frontToBack, UnaryOperator<Look> look, Canvas canvas) {
    return paint(frontToBack, look, own -> own, canvas);
  }

  /**
   * Pieces are painted side by side; their order and their pixels do not depend on that.
   *
   * @param look what becomes of the looks of these pieces
   * @param deep and then of those that are painted by themselves: these, and what is in groups that
   *     only hold their pieces together
   */
  private List<Painted> paint(
      List<PlacedPiece> frontToBack,
      UnaryOperator<Look> look,
      UnaryOperator<Look> deep,
      Canvas canvas) {
    return CoincidingEdges.known(
        frontToBack.reversed().parallelStream()
            .filter(placed -> placed.piece().shown())
            .flatMap(
                placed ->
                    painted(
                        placed,
                        placed.piece().withLook(look.apply(placed.piece().look())),
                        deep,
                        canvas))
            .toList());
  }

  private Stream<Painted> painted(
      PlacedPiece placed, Piece piece, UnaryOperator<Look> deep, Canvas canvas) {
    return switch (piece) {
      case FacedPiece whole -> {
        FacedPiece faced = (FacedPiece) whole.withLook(deep.apply(whole.look()));
        yield Stream.of(
            remembered.of(
                placed,
                faced,
                canvas,
                pictures,
                () -> PiecePainter.paint(placed, faced, canvas, cuts, pictures)));
      }
      case GroupPiece whole -> {
        boolean eachPart = whole.finishing() == Finishing.EACH_PART;
        boolean holds = onlyHolds(whole);
        GroupPiece group = holds ? whole : whole.withLook(deep.apply(whole.look()));
        Look look = eachPart ? group.look().withoutFinishes() : group.look();
        UnaryOperator<Look> inGroup = own -> eachPart ? own.within(group.look()) : own;
        Supplier<List<Painted>> inside =
            () -> paint(placed.inside(), inGroup, holds ? deep : own -> own, canvas);
        IntFunction<List<Painted>> finer =
            times ->
                paint(
                    placed.finer(times).inside(),
                    inGroup,
                    Look::withOutlineOnly,
                    canvas.finer(times));
        if (paintedAsOne(look)) {
          yield Stream.of(
              remembered.of(
                  placed,
                  group,
                  canvas,
                  pictures,
                  () ->
                      GroupPainter.paint(
                          placed,
                          group.withLook(look),
                          within(placed, look, inside.get(), finer, canvas),
                          canvas,
                          pictures)));
        }
        boolean bounded =
            group.stack().stream()
                .anyMatch(inner -> inner.shown() && inner.look().punch() == Punch.GROUP);
        yield look.overallOpacity() == 1 && !bounded
            ? inside.get().stream()
            : Stream.of(Painted.Group.of(inside.get(), (float) look.overallOpacity()));
      }
    };
  }

  private static boolean paintedAsOne(Look look) {
    return look.punch() != Punch.NONE || look.changesFace();
  }

  /** Whether a group's pieces are painted as if they lay beside it. */
  private static boolean onlyHolds(GroupPiece group) {
    return !paintedAsOne(
        group.finishing() == Finishing.EACH_PART ? group.look().withoutFinishes() : group.look());
  }

  private GroupPainter.Inside within(
      PlacedPiece placed,
      Look look,
      List<Painted> whole,
      IntFunction<List<Painted>> finer,
      Canvas canvas) {
    boolean apart =
        look.faceOpacity() < 1
            && look.punch() == Punch.NONE
            && placed.inside().stream().anyMatch(Renderer::hasFinishesToSee);
    if (!apart) {
      return new GroupPainter.Inside(whole, List.of(), List.of(), finer);
    }
    // What cuts keeps its finishes and hides those behind it: just what is wanted of a face here.
    return new GroupPainter.Inside(
        whole,
        paint(placed.inside(), own -> own, Look::withShapeOnly, canvas),
        paint(
            placed.inside(),
            own -> own,
            own -> own.punch() == Punch.NONE ? own.withPunch(Punch.EVERYTHING) : own,
            canvas),
        finer);
  }

  private static boolean hasFinishesToSee(PlacedPiece placed) {
    Piece piece = placed.piece();
    return piece.shown()
        && (piece.look().hasFinishesToSee()
            || piece instanceof GroupPiece group
                && onlyHolds(group)
                && placed.inside().stream().anyMatch(Renderer::hasFinishesToSee));
  }

  private static void addShown(List<PlacedPiece> pieces, Set<String> ids) {
    for (PlacedPiece placed : pieces) {
      if (placed.piece().shown()) {
        ids.add(placed.piece().id());
        addShown(placed.inside(), ids);
      }
    }
  }

  /** Where the pieces would lie, without drawing them. */
  public List<PlacedPiece> place(Overlay overlay, Canvas canvas) {
    return new Layout(setter, pictures).place(overlay, canvas).pieces();
  }

  /**
   * An overlay that was laid out and not drawn.
   *
   * @param pieces from front to back, those not shown too
   * @param troubles about those that are shown
   */
  public record Laid(List<PlacedPiece> pieces, List<DrawingTrouble> troubles) {}

  /** Lays the pieces out without drawing them. */
  public Laid lay(Overlay overlay, Canvas canvas) {
    Layout.Placed layout = new Layout(setter, pictures).place(overlay, canvas);
    Set<String> shown = new HashSet<>();
    addShown(layout.pieces(), shown);
    return new Laid(
        layout.pieces(),
        layout.troubles().stream().filter(trouble -> shown.contains(trouble.piece())).toList());
  }

  /** Words as they are set, whatever they are on. */
  public SetText set(TextPiece text) {
    return setter.set(text);
  }

  /** How wide words are that have all the room they need, in display units. */
  public double width(TextPiece text) {
    return setter.set(text.withBox(new TextBox.Free())).width();
  }

  /** A raster picture as it is cut out. */
  public RasterPicture cut(RasterPicture picture, CutOut cutOut) {
    return cuts.of(picture, cutOut);
  }

  /** Where the carets of a text stand, as {@link TextSetter#carets} gives them. */
  public double[] carets(TextPiece text) {
    return setter.carets(text);
  }
}
