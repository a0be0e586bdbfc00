package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.reframe.Reframed;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ReframedTest {
  @Test
  void aReframedOverlayLooksLikeTheOneDeliveredForThatFrame() {
    Overlay overlay = Samples.lowerThird(Frame.of(640, 360));
    for (Frame frame : new Frame[] {Frame.of(1280, 720), Frame.of(360, 640)}) {
      Canvas canvas = Canvas.of(frame);
      assertArrayEquals(
          Samples.renderer().render(overlay, canvas).pixels(),
          Samples.renderer().render(Reframed.of(overlay, frame), canvas).pixels(),
          0.01f);
    }
  }

  static List<PlateShape> shapes() {
    return List.of(
        new PlateShape.Rectangle(),
        new PlateShape.RoundedRectangle(4, 8, 12, 16),
        new PlateShape.Ellipse(),
        new PlateShape.Rule(true),
        new PlateShape.RegularPolygon(5, 6),
        new PlateShape.Star(7, 0.4, 3),
        new PlateShape.Triangle(0.3, 5),
        new PlateShape.Chevron(30, 4),
        new PlateShape.SlantedBar(-12, 20, 3),
        new PlateShape.Wedge(PlateShape.Corner.BOTTOM_RIGHT, 8),
        new PlateShape.Drawn("M0 0L1 0.2L0.7 1Z", false),
        new PlateShape.FreePolygon(
            List.of(
                new PlateShape.Vertex(0, 0),
                new PlateShape.Vertex(1, 0.1),
                new PlateShape.Vertex(0.6, 1)),
            5));
  }

  @ParameterizedTest
  @MethodSource("shapes")
  void everyShapeLooksAsItDidOnItsOwnFrame(PlateShape shape) {
    PlatePiece plate = Samples.plate(shape, Samples.centre(), 160, 90, Samples.flat("#336699"));
    Overlay overlay = Samples.overlay(Frame.of(320, 180), plate);
    Frame large = Frame.of(640, 360);
    Overlay reframed = Reframed.of(overlay, large);
    Canvas canvas = Canvas.of(large);
    assertArrayEquals(
        Samples.renderer().render(overlay, canvas).pixels(),
        Samples.renderer().render(reframed, canvas).pixels(),
        0.01f);
    assertEquals(overlay, Reframed.of(reframed, Frame.of(320, 180)));
  }

  @Test
  void boxesPaintsBacksAndPicturesFollowAsWell() {
    TextPiece boxed =
        Samples.text("words", "Tide", Samples.centre(), 30, new Paint.Texture("w.png", 20, 0, 3, 4))
            .withBox(
                new TextBox.Given(200, 50, TextBox.Upright.MIDDLE, new TextBox.Fit.Shrink(0.7)));
    Overlay overlay =
        Samples.overlay(
            Frame.of(320, 180),
            boxed,
            Samples.group(
                "group",
                Samples.centre(),
                1.5,
                Samples.picture(
                    "b.png", Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 2, 3), 60, 40)),
            Samples.box("backing", Samples.centre(), 10, 10)
                .withBacking(new Backing(List.of("words"), 4, 5, 6, 7)));
    Overlay large = Reframed.of(overlay, Frame.of(640, 360));
    TextPiece words = assertInstanceOf(TextPiece.class, large.stack().getFirst());
    assertEquals(new Paint.Texture("w.png", 40, 0, 6, 8), words.paint());
    assertEquals(400, assertInstanceOf(TextBox.Given.class, words.box()).width());
    GroupPiece group = assertInstanceOf(GroupPiece.class, large.stack().get(1));
    assertEquals(1.5, group.scale());
    PicturePiece inside = assertInstanceOf(PicturePiece.class, group.stack().getFirst());
    assertEquals(120, inside.width());
    assertEquals(4, inside.place().right());
    PlatePiece backing = assertInstanceOf(PlatePiece.class, large.stack().getLast());
    assertEquals(new Backing(List.of("words"), 8, 10, 12, 14), backing.backing());
    assertEquals(overlay, Reframed.of(large, Frame.of(320, 180)));
  }

  @Test
  void finishesOfAndInAGroupLookAsTheyDid() {
    Outline edge = Samples.outline(3, Outline.Side.OUTSIDE, "#102030");
    GroupPiece group =
        Samples.group(
            "group",
            Samples.centre(),
            1.5,
            Samples.box("inner", Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 2, 3), 40, 20)
                .withLook(Look.PLAIN.withFinishes(List.of(edge))));
    Overlay overlay =
        Samples.overlay(
            Frame.of(320, 180), group.withLook(group.look().withFinishes(List.of(edge))));
    Frame large = Frame.of(640, 360);
    assertArrayEquals(
        Samples.renderer().render(overlay, Canvas.of(large)).pixels(),
        Samples.renderer().render(Reframed.of(overlay, large), Canvas.of(large)).pixels(),
        0.05f); // Of a group the edge is found from its pixels.
  }

  @Test
  void whatCannotBeSaidSmallerIsScaledAsAWhole() {
    TextPiece tiny = Samples.text("words", "Tide", Samples.centre(), 2, Samples.flat("#ffffff"));
    Overlay overlay =
        Samples.overlay(
            Frame.of(640, 360),
            Samples.group(
                "group",
                Samples.centre(),
                20,
                tiny.withPlace(Samples.from(new Hook.OfGroup(), PinPoint.TOP_LEFT, 0, 0))));
    Overlay small = Reframed.of(overlay, Frame.of(160, 90));
    GroupPiece group = assertInstanceOf(GroupPiece.class, small.stack().getFirst());
    assertEquals(5, group.scale());
    assertEquals(tiny.runs(), assertInstanceOf(TextPiece.class, group.stack().getFirst()).runs());
  }

  @Test
  void thereAndBackIsTheSame() {
    Overlay overlay = Samples.lowerThird(Samples.HD);
    Overlay there = Reframed.of(overlay, Frame.of(3840, 2160));
    assertEquals(overlay, Reframed.of(there, Samples.HD));
  }
}
