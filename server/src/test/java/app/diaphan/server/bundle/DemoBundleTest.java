package app.diaphan.server.bundle;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DemoBundleTest {
  @Test
  void theDemoIsReadWhereItLies() throws IOException {
    DemoBundle demo = new DemoBundle("../demo/lantern-reach-regatta");
    assertTrue(demo.there());
    assertEquals("Lantern Reach Regatta", demo.read().orElseThrow().name());
  }

  @Test
  void aProgramWithoutOneHasNone() throws IOException {
    for (String folder : new String[] {"", " ", "../demo/nowhere"}) {
      DemoBundle none = new DemoBundle(folder);
      assertTrue(!none.there());
      assertEquals(Optional.empty(), none.read());
    }
  }
}
