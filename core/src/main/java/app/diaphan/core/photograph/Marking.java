package app.diaphan.core.photograph;

import app.diaphan.core.Require;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How photographs are marked.
 *
 * @param size of the mark's longer side
 * @param margin kept free between the photograph's edge and the mark
 * @param opacity 0–1
 */
@RecordBuilder
public record Marking(
    DressChoice dress, Corner corner, Measure size, Measure margin, double opacity) {
  public static final Marking USUAL =
      new Marking(
          DressChoice.AUTO,
          Corner.BOTTOM_RIGHT,
          new Measure.OfShorterSide(0.25),
          new Measure.OfShorterSide(0.03),
          1);

  public Marking {
    Require.present(dress, "The dress of the mark");
    Require.present(corner, "The corner of the mark");
    Require.present(size, "The size of the mark");
    Require.present(margin, "The margin of the mark");
    Require.between(0, 1, opacity, "The opacity of the mark");
  }

  public Marking with(DressChoice other) {
    return MarkingBuilder.builder(this).dress(other).build();
  }

  /** With a mark of another size. */
  public Marking with(Measure other) {
    return MarkingBuilder.builder(this).size(other).build();
  }

  public Marking with(Corner other) {
    return MarkingBuilder.builder(this).corner(other).build();
  }
}
