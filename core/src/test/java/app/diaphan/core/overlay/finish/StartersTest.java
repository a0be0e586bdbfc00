package app.diaphan.core.overlay.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.render.Canvas;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StartersTest {
  private static final Frame FRAME = Frame.of(320, 180);

  private static float[] drawn(Finish... finishes) {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.plate(
                new PlateShape.Ellipse(),
                Samples.centre(),
                120,
                80,
                Samples.flat("#888888"),
                finishes));
    return Samples.renderer().render(overlay, Canvas.of(FRAME)).pixels();
  }

  @ParameterizedTest
  @ValueSource(doubles = {2, 12, 80, 2000})
  void eachKindIsOfferedOnceAtEverySize(double size) {
    List<Finish> starters = FirstFinishes.of(size, Colour.WHITE);
    Set<Class<?>> kinds = starters.stream().map(Object::getClass).collect(Collectors.toSet());
    assertEquals(Set.of(Finish.class.getPermittedSubclasses()), kinds);
    assertEquals(kinds.size(), starters.size());
  }

  @Test
  void eachIsSeenAtOnce() {
    float[] plain = drawn();
    for (Finish finish : FirstFinishes.of(80, Colour.parse("#888888"))) {
      assertFalse(Arrays.equals(plain, drawn(finish)), finish.getClass().getSimpleName());
    }
  }

  @Test
  void whatGoesRoundTheFaceStandsOutFromIt() {
    assertEquals(new Paint.Flat(Colour.BLACK), outline(Colour.parse("#f3e9c8")).paint());
    assertEquals(new Paint.Flat(Colour.WHITE), outline(Colour.parse("#12333f")).paint());
  }

  private static Outline outline(Colour face) {
    return assertInstanceOf(Outline.class, FirstFinishes.of(80, face).getFirst());
  }
}
