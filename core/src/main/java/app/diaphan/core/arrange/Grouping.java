package app.diaphan.core.arrange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Making groups and taking them apart, without anything moving. */
final class Grouping {
  private final Overlay overlay;
  private final Renderer renderer;

  Grouping(Overlay overlay, Renderer renderer) {
    this.overlay = overlay;
    this.renderer = renderer;
  }

  /**
   * Puts the chosen pieces in a group where the foremost of them lay. What a chosen plate backs
   * comes along, since it could not back anything outside.
   *
   * @throws InvalidInput if they do not lie in one stack
   */
  Arranged grouped(List<String> chosen, String name) {
    List<Piece> stack = Pieces.beside(overlay.stack(), chosen.getFirst());
    Set<String> ids = withBacked(stack, chosen);
    List<Piece> members = stack.stream().filter(piece -> ids.contains(piece.id())).toList();
    if (members.size() < ids.size()) {
      throw new InvalidInput(
          "Pieces of different groups cannot be grouped together; take them out of their groups first.");
    }
    PlacedPieces onFrame = PlacedPieces.of(overlay, renderer);
    Piece model =
        members.stream()
            .filter(piece -> Pieces.leansOn(piece).stream().noneMatch(ids::contains))
            .findFirst()
            .orElse(members.getFirst());
    Rectangle2D box =
        members.stream()
            .map(piece -> boundsInHolder(onFrame.piece(piece.id())))
            .reduce(Rectangle2D::createUnion)
            .orElseThrow();
    PinPoint own = model.place().own();
    Point2D origin = own.of(box);
    Point2D hook = onFrame.piece(model.id()).hook();
    Place place =
        new Place(
            model.place().hook(),
            model.place().point(),
            own,
            Placing.tidy(origin.getX() - hook.getX()),
            Placing.tidy(origin.getY() - hook.getY()),
            0,
            false);
    String id = Pieces.freeId(overlay, "group", List.of());
    List<Piece> inside = members.stream().map(piece -> moved(piece, onFrame, ids, origin)).toList();
    GroupPiece group =
        new GroupPiece(
            id, name, true, false, place, 1, Look.PLAIN, GroupPiece.Finishing.AS_ONE, inside);
    Overlay loose = new Loosening(onFrame, overlay).from(ids);
    Overlay with =
        Pieces.rearranged(
            loose,
            members.getFirst().id(),
            pieces -> {
              List<Piece> next = new ArrayList<>();
              for (Piece piece : pieces) {
                if (piece.id().equals(members.getFirst().id())) {
                  next.add(group);
                }
                if (!ids.contains(piece.id())) {
                  next.add(piece);
                }
              }
              return next;
            });
    return new Arranged(with, List.of(id));
  }

  /** The chosen pieces and what the plates among them back, however indirectly. */
  static Set<String> withBacked(List<Piece> stack, List<String> chosen) {
    Set<String> ids = new LinkedHashSet<>(chosen);
    boolean grown = true;
    while (grown) {
      grown = false;
      for (Piece piece : stack) {
        if (ids.contains(piece.id()) && piece instanceof PlatePiece plate) {
          for (String backed : plate.backing().pieces()) {
            boolean beside = stack.stream().anyMatch(other -> other.id().equals(backed));
            grown |= beside && ids.add(backed);
          }
        }
      }
    }
    return ids;
  }

  private static Piece moved(Piece piece, PlacedPieces onFrame, Set<String> ids, Point2D origin) {
    if (piece.place().hook() instanceof Hook.OfPiece(String other) && ids.contains(other)) {
      return piece;
    }
    PlacedPiece placed = onFrame.piece(piece.id());
    Point2D centre = Loosening.centreInHolder(placed);
    Point2D inGroup =
        new Point2D.Double(centre.getX() - origin.getX(), centre.getY() - origin.getY());
    return piece.withPlace(
        Placing.at(
            piece.place().withHook(new Hook.OfGroup()),
            new Point2D.Double(),
            placed.width(),
            placed.height(),
            inGroup));
  }

  private static Rectangle2D boundsInHolder(PlacedPiece placed) {
    return placed
        .toHolder()
        .createTransformedShape(new Rectangle2D.Double(0, 0, placed.width(), placed.height()))
        .getBounds2D();
  }

  /**
   * Puts the pieces of a group in its place.
   *
   * @throws InvalidInput if the piece is no group
   */
  Arranged ungrouped(String id) {
    if (!(Pieces.get(overlay, id) instanceof GroupPiece group)) {
      throw new InvalidInput("Only a group can be taken apart; choose one.");
    }
    PlacedPieces onFrame = PlacedPieces.of(overlay, renderer);
    Overlay loose = new Loosening(onFrame, overlay).from(Set.of(id));
    List<Piece> freed = group.stack().stream().map(piece -> freed(piece, group, onFrame)).toList();
    Overlay without =
        Pieces.rearranged(
            loose,
            id,
            pieces ->
                pieces.stream()
                    .flatMap(piece -> piece.id().equals(id) ? freed.stream() : Stream.of(piece))
                    .toList());
    return new Arranged(without, freed.stream().map(Piece::id).toList());
  }

  private static Piece freed(Piece piece, GroupPiece group, PlacedPieces onFrame) {
    PlacedPiece holder = onFrame.piece(group.id());
    PlacedPiece placed = onFrame.piece(piece.id());
    Piece scaled =
        Reframed.scaled(
            piece.withLook(
                group.finishing() == GroupPiece.Finishing.EACH_PART
                    ? piece.look().within(group.look().withFaceOpacity(1)).outOf(group.look())
                    : piece.look().outOf(group.look())),
            group.scale());
    // From the group's own units to those of what holds it.
    AffineTransform out = PlacedPieces.inverse(holder.holderToPixels());
    out.concatenate(placed.holderToPixels());
    Point2D centre = out.transform(Loosening.centreInHolder(placed), null);
    boolean flipped = out.getDeterminant() < 0;
    double turn = group.place().turn() + (flipped ? -1 : 1) * piece.place().turn();
    // What hangs from another piece of the group does so still; the rest hangs as the group did.
    boolean fromPiece = piece.place().hook() instanceof Hook.OfPiece;
    Place place =
        new Place(
            fromPiece ? piece.place().hook() : group.place().hook(),
            fromPiece ? piece.place().point() : group.place().point(),
            piece.place().own(),
            0,
            0,
            Placing.tidyTurn(turn),
            piece.place().mirrored() != flipped);
    return scaled.withPlace(
        Placing.at(
            place,
            fromPiece ? out.transform(placed.hook(), null) : holder.hook(),
            placed.width() * group.scale(),
            placed.height() * group.scale(),
            centre));
  }
}
