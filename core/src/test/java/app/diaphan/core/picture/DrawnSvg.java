package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import app.diaphan.core.memory.Permits;
import app.diaphan.core.raster.Bounds;
import java.awt.geom.AffineTransform;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** An SVG file of 100 by 60 pixels as it is drawn. */
record DrawnSvg(VectorPicture picture, float[] pixels) {
  static final int WIDTH = 100;
  static final int HEIGHT = 60;

  /** Longer than the program's: a machine that tests is busy. */
  private static final DecodingLimits PATIENT = new DecodingLimits(120, new Permits(1L << 30));

  static DrawnSvg of(String content) {
    return whole(
        "<svg xmlns='http://www.w3.org/2000/svg' width='100' height='60'>" + content + "</svg>");
  }

  static DrawnSvg whole(String file) {
    VectorPicture picture =
        assertInstanceOf(
            VectorPicture.class,
            PictureReader.readFile("made.svg", file.getBytes(StandardCharsets.UTF_8), PATIENT)
                .picture());
    return new DrawnSvg(
        picture,
        FigureDrawing.of(picture.figures(new AffineTransform()), new Bounds(0, 0, WIDTH, HEIGHT)));
  }

  /** Premultiplied red, green, blue and alpha in 255ths. */
  List<Integer> at(int x, int y) {
    int from = 4 * (y * WIDTH + x);
    return List.of(
        Math.round(255 * pixels[from]),
        Math.round(255 * pixels[from + 1]),
        Math.round(255 * pixels[from + 2]),
        Math.round(255 * pixels[from + 3]));
  }
}
