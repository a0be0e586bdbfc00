package app.diaphan.core.render;

import app.diaphan.core.overlay.finish.Outline;
import java.util.List;

/** A line along the edge: what lies outside goes behind the face, what lies inside goes on it. */
final class OutlinePainter {
  private OutlinePainter() {}

  static FinishLayers paint(Outline outline, Silhouette silhouette, BoxPaints paints) {
    Shader shader = paints.shader(outline.paint());
    double outside =
        switch (outline.side()) {
          case OUTSIDE -> outline.width();
          case CENTRED -> outline.width() / 2;
          case INSIDE -> 0;
        };
    double inside = outline.width() - outside;
    Outline.Corners corners = outline.corners();
    return new FinishLayers(
        outside > 0
            ? List.of(
                Layer.of(
                    silhouette.grown(outside, corners, 0, 0, silhouette.canvas()),
                    shader,
                    outline.opacity()))
            : List.of(),
        inside > 0
            ? List.of(Layer.of(silhouette.alongEdge(inside, corners), shader, outline.opacity()))
            : List.of());
  }
}
