package app.diaphan.core.render;

import java.util.List;

/**
 * What one finish adds to a piece.
 *
 * @param behind layers behind the face
 * @param atop layers on the face, within its shape
 */
record FinishLayers(List<Layer> behind, List<Layer> atop) {
  static final FinishLayers NONE = new FinishLayers(List.of(), List.of());

  static FinishLayers behind(Layer layer) {
    return new FinishLayers(List.of(layer), List.of());
  }

  static FinishLayers atop(Layer... layers) {
    return new FinishLayers(List.of(), List.of(layers));
  }
}
