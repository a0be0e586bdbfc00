package app.diaphan.core.render;

import java.util.Optional;

/**
 * What one finish adds to a piece.
 *
 * @param behind a layer behind the face
 * @param atop a layer on the face, within its shape
 */
record FinishLayers(Optional<Layer> behind, Optional<Layer> atop) {
  static FinishLayers behind(Layer layer) {
    return new FinishLayers(Optional.of(layer), Optional.empty());
  }
}
