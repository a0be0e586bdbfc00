package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Rectangle2D;
import org.junit.jupiter.api.Test;

class PlaneTest {
  private static final Bounds BOUNDS = new Bounds(2, 3, 5, 5);

  /** 1 to 6, row by row. */
  private static final Plane PLANE = new Plane(BOUNDS, new float[] {1, 2, 3, 4, 5, 6});

  @Test
  void outsideItsBoundsEverythingIsClear() {
    assertEquals(1, PLANE.at(2, 3));
    assertEquals(6, PLANE.at(4, 4));
    assertEquals(0, PLANE.at(1, 3));
    assertEquals(0, PLANE.at(5, 3));
    assertEquals(0, PLANE.at(2, 2));
    assertEquals(0, PLANE.at(2, 5));
    assertEquals(3, PLANE.row(4));
    assertArrayEquals(new float[6], Plane.clear(BOUNDS).values());
  }

  @Test
  void itIsCutAndGivenRoom() {
    assertSame(PLANE, PLANE.fitted(new Bounds(2, 3, 5, 5)));
    assertArrayEquals(
        new float[] {0, 4, 5, 0, 0, 0}, PLANE.fitted(new Bounds(1, 4, 4, 6)).values());
    assertArrayEquals(new float[] {3, 0, 6, 0}, PLANE.fitted(new Bounds(4, 3, 6, 5)).values());
    assertArrayEquals(new float[4], PLANE.fitted(new Bounds(8, 8, 10, 10)).values());
  }

  @Test
  void beyondTheCanvasItGoesOnAsAtItsSide() {
    Bounds canvas = new Bounds(2, 3, 9, 9);
    Plane beyond = PLANE.beyond(canvas, 1, 2);
    assertEquals(new Bounds(1, 1, 5, 5), beyond.bounds());
    assertArrayEquals(
        new float[] {1, 1, 2, 3, 1, 1, 2, 3, 1, 1, 2, 3, 4, 4, 5, 6}, beyond.values());
    Plane right = PLANE.beyond(new Bounds(0, 0, 5, 5), 2, 1);
    assertEquals(new Bounds(2, 3, 7, 6), right.bounds());
    assertArrayEquals(new float[] {1, 2, 3, 3, 3, 4, 5, 6, 6, 6, 4, 5, 6, 6, 6}, right.values());
    assertSame(PLANE, PLANE.beyond(new Bounds(0, 0, 9, 9), 2, 2));
    assertSame(Plane.EMPTY, Plane.EMPTY.beyond(canvas, 2, 2));
  }

  @Test
  void boundsAreReckonedWith() {
    assertEquals(3, BOUNDS.width());
    assertEquals(2, BOUNDS.height());
    assertEquals(0, new Bounds(5, 5, 2, 3).width());
    assertEquals(0, new Bounds(5, 5, 2, 3).height());
    assertFalse(BOUNDS.empty());
    assertTrue(new Bounds(2, 3, 2, 5).empty());
    assertTrue(new Bounds(2, 3, 5, 3).empty());
    assertEquals(new Bounds(1, 1, 6, 7), BOUNDS.grown(1, 2));
    assertEquals(Bounds.EMPTY, new Bounds(4, 4, 4, 9).grown(3, 3));
    assertEquals(new Bounds(6, 9, 15, 15), BOUNDS.finer(3));
    assertEquals(new Bounds(12, 1, 15, 3), BOUNDS.moved(10, -2));
    assertEquals(Bounds.EMPTY, new Bounds(4, 4, 4, 9).moved(3, 3));
    assertEquals(new Bounds(3, 3, 5, 4), BOUNDS.within(new Bounds(3, 0, 9, 4)));
    assertEquals(Bounds.EMPTY, BOUNDS.within(new Bounds(5, 3, 9, 5)));
    assertEquals(new Bounds(2, 0, 9, 5), BOUNDS.and(new Bounds(3, 0, 9, 4)));
    assertEquals(BOUNDS, BOUNDS.and(Bounds.EMPTY));
    assertEquals(BOUNDS, Bounds.EMPTY.and(BOUNDS));
    assertEquals(new Bounds(-2, 1, 3, 4), Bounds.around(new Rectangle2D.Double(-1.5, 1.2, 4.1, 2)));
    assertEquals(Bounds.EMPTY, Bounds.around(new Rectangle2D.Double(4, 4, 0, 3)));
  }
}
