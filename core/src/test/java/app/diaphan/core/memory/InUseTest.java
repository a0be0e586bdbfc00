package app.diaphan.core.memory;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.lang.ref.Reference;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class InUseTest {
  @Test
  void aThingIsFoundAsLongAsSomebodyElseHoldsIt() throws InterruptedException {
    InUse<String, byte[]> inUse = new InUse<>();
    byte[] held = new byte[1 << 16];
    inUse.put("held", held);
    inUse.put("dropped", new byte[1 << 16]);

    for (int i = 0; i < 50 && inUse.known("dropped").isPresent(); i++) {
      System.gc();
      Thread.sleep(20);
    }

    assertEquals(Optional.empty(), inUse.known("dropped"));
    assertSame(held, inUse.known("held").orElseThrow());
    Reference.reachabilityFence(held);
  }
}
