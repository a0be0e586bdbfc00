package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.List;
import java.util.Optional;

/**
 * A piece as layers, ready to be put together row by row.
 *
 * @param showing finishes behind the face that are seen through it, lowest first
 * @param heldOut finishes behind the face that stop where the face begins, lowest first
 * @param shape all that counts as the piece for what is done to its group: the body's shape and the
 *     outlines around it
 * @param cut what it takes away behind it; then the body shows only what lies atop
 * @param cutBehind for a group as one, what punches in it take away behind the whole group
 * @param overallOpacity 0–1
 */
record PaintedPiece(
    List<Layer> showing,
    List<Layer> heldOut,
    Body body,
    Plane shape,
    Optional<TakenAway> cut,
    Optional<Plane> cutBehind,
    float overallOpacity,
    Bounds inked,
    Bounds bounds)
    implements Painted {

  static PaintedPiece of(
      List<Layer> showing,
      List<Layer> heldOut,
      Body body,
      Plane shape,
      Optional<TakenAway> cut,
      Optional<Plane> cutBehind,
      float overallOpacity) {
    Bounds inked =
        cut.isEmpty() || !body.atop().isEmpty() || body instanceof Body.Ready
            ? body.shape().bounds()
            : Bounds.EMPTY;
    for (Layer layer : showing) {
      inked = inked.and(layer.coverage().bounds());
    }
    for (Layer layer : heldOut) {
      inked = inked.and(layer.coverage().bounds());
    }
    Bounds bounds = inked.and(body.shape().bounds());
    if (cutBehind.isPresent()) {
      bounds = bounds.and(cutBehind.get().bounds());
    }
    return new PaintedPiece(
        List.copyOf(showing),
        List.copyOf(heldOut),
        body,
        shape,
        cut,
        cutBehind,
        overallOpacity,
        overallOpacity <= 0 ? Bounds.EMPTY : inked,
        overallOpacity <= 0 ? Bounds.EMPTY : bounds);
  }

  static PaintedPiece nothing() {
    Face none = new Face(Plane.EMPTY, new Shader.Flat(0, 0, 0, 0), 0);
    return of(
        List.of(),
        List.of(),
        new Body.Faced(none, List.of()),
        Plane.EMPTY,
        Optional.empty(),
        Optional.empty(),
        0);
  }

  @Override
  public boolean cutsEverything() {
    return overallOpacity > 0
        && (cutBehind.isPresent() || cut.filter(TakenAway::everything).isPresent());
  }

  /** Bytes that its planes and its own colours take, to weigh it in a cache. */
  long weight() {
    long packed = 0;
    long values =
        shape.values().length + (body.shape() == shape ? 0 : body.shape().values().length);
    for (List<Layer> layers : List.of(showing, heldOut, body.atop())) {
      for (Layer layer : layers) {
        packed += layer.coverage().bytes() + layer.shader().bytes();
      }
    }
    packed +=
        switch (body) {
          case Body.Faced faced -> faced.face().shader().bytes();
          case Body.Ready ready -> ready.pixels().bytes();
        };
    values += cut.map(it -> it.amount().values().length).orElse(0);
    values += cutBehind.map(plane -> plane.values().length).orElse(0);
    return 256 + packed + values * Float.BYTES;
  }
}
