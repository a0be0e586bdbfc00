package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Reframed;
import org.junit.jupiter.api.Test;

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

  @Test
  void thereAndBackIsTheSame() {
    Overlay overlay = Samples.lowerThird(Samples.HD);
    Overlay there = Reframed.of(overlay, Frame.of(3840, 2160));
    assertEquals(overlay, Reframed.of(there, Samples.HD));
  }
}
