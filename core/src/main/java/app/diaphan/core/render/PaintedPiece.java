package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.List;

/**
 * A piece as layers, ready to be put together row by row.
 *
 * @param showing finishes behind the face that are seen through it, lowest first
 * @param heldOut finishes behind the face that stop where the face begins, lowest first
 * @param face the inside; its coverage is the piece's own shape
 * @param atop finishes that lie on the face and keep within its shape, lowest first
 * @param overallOpacity 0–1
 */
record PaintedPiece(
    List<Layer> showing,
    List<Layer> heldOut,
    Layer face,
    List<Layer> atop,
    float overallOpacity,
    Bounds bounds)
    implements Painted {

  static PaintedPiece of(
      List<Layer> showing,
      List<Layer> heldOut,
      Layer face,
      List<Layer> atop,
      float overallOpacity) {
    Bounds bounds = face.coverage().bounds();
    for (Layer layer : showing) {
      bounds = bounds.and(layer.coverage().bounds());
    }
    for (Layer layer : heldOut) {
      bounds = bounds.and(layer.coverage().bounds());
    }
    return new PaintedPiece(
        List.copyOf(showing),
        List.copyOf(heldOut),
        face,
        List.copyOf(atop),
        overallOpacity,
        overallOpacity <= 0 ? Bounds.EMPTY : bounds);
  }

  static PaintedPiece nothing() {
    Layer none = new Layer(Plane.EMPTY, new Shader.Flat(0, 0, 0, 0), 0);
    return of(List.of(), List.of(), none, List.of(), 0);
  }

  /** Bytes its planes take, to weigh it in a cache. */
  long weight() {
    long values = face.coverage().values().length;
    for (List<Layer> layers : List.of(showing, heldOut, atop)) {
      for (Layer layer : layers) {
        values += layer.coverage().values().length;
      }
    }
    return 256 + values * Float.BYTES;
  }
}
