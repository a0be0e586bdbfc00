package app.diaphan.core.render;

import app.diaphan.core.overlay.Finish;
import app.diaphan.core.raster.Plane;
import java.util.Optional;

/** A line along the edge: what lies outside goes behind the face, what lies inside goes on it. */
final class OutlineFinish {
  private OutlineFinish() {}

  static FinishLayers of(Finish.Outline outline, Silhouette silhouette) {
    double outside =
        switch (outline.side()) {
          case OUTSIDE -> outline.width();
          case CENTRED -> outline.width() / 2;
          case INSIDE -> 0;
        };
    double inside = outline.width() - outside;
    return new FinishLayers(
        outside > 0
            ? Optional.of(layer(outline, silhouette.grown(outside, 0, 0, silhouette.canvas())))
            : Optional.empty(),
        inside > 0 ? Optional.of(layer(outline, silhouette.alongEdge(inside))) : Optional.empty());
  }

  private static Layer layer(Finish.Outline outline, Plane coverage) {
    return new Layer(coverage, Shader.Flat.of(outline.colour()), (float) outline.opacity());
  }
}
