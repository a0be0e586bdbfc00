package app.diaphan.core.picture;

import java.awt.AlphaComposite;
import java.util.Iterator;
import org.apache.batik.gvt.CanvasGraphicsNode;
import org.apache.batik.gvt.CompositeGraphicsNode;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.RootGraphicsNode;

/**
 * Draws a tree of the library's, groups with an opacity as shapes: the library would make pixels of
 * them. Filters and masks are its own matter.
 */
final class SvgTreeWalk {
  /** Is told of each node that was drawn, after those within it. */
  @FunctionalInterface
  interface Drawn {
    /**
     * @param on where it was drawn
     */
    void drawn(GraphicsNode node, FigureRecorder on, int figuresBefore);
  }

  private final Drawn drawn;

  private SvgTreeWalk(Drawn drawn) {
    this.drawn = drawn;
  }

  /**
   * @param recorder in the space around the node
   */
  static void draw(GraphicsNode node, FigureRecorder recorder) {
    draw(node, recorder, (one, on, figuresBefore) -> {});
  }

  static void draw(GraphicsNode node, FigureRecorder recorder, Drawn drawn) {
    new SvgTreeWalk(drawn).walk(node, recorder);
  }

  private void walk(GraphicsNode node, FigureRecorder recorder) {
    int figuresBefore = recorder.count();
    paint(node, recorder);
    drawn.drawn(node, recorder, figuresBefore);
  }

  private void paint(GraphicsNode node, FigureRecorder recorder) {
    if (!(node instanceof CompositeGraphicsNode group) || !isWalked(group)) {
      node.paint(recorder);
      return;
    }
    float opacity = opacity(group);
    FigureRecorder inside = recorder.copy();
    if (group.getTransform() != null) {
      inside.transform(group.getTransform());
    }
    if (group.getClip() != null) {
      inside.clip(group.getClip().getClipPath());
    }
    if (opacity < 1) {
      inside.together(opacity, parts -> drawChildren(group, parts));
    } else {
      drawChildren(group, inside);
    }
  }

  private static boolean isWalked(CompositeGraphicsNode group) {
    boolean plain =
        group.getClass() == CompositeGraphicsNode.class
            || group instanceof RootGraphicsNode
            || group instanceof CanvasGraphicsNode canvas && canvas.getBackgroundPaint() == null;
    return plain
        && group.getFilter() == null
        && group.getMask() == null
        && (group.getComposite() == null || group.getComposite() instanceof AlphaComposite);
  }

  private static float opacity(CompositeGraphicsNode group) {
    return group.getComposite() instanceof AlphaComposite alpha ? alpha.getAlpha() : 1;
  }

  private void drawChildren(CompositeGraphicsNode group, FigureRecorder recorder) {
    for (Iterator<?> children = group.getChildren().iterator(); children.hasNext(); ) {
      if (children.next() instanceof GraphicsNode child) {
        walk(child, recorder);
      }
    }
  }
}
