package app.diaphan.server.disk;

import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStore.TxCounter;
import org.junit.jupiter.api.Test;

class ClosedStoreTest {
  @Test
  void whoAsksAStoreWhoseUsersWereCountedOffTwiceGoesOn() {
    MVStore store = MVStore.open(null);
    TxCounter users = store.registerVersionUsage();
    store.close();
    for (int i = 0; i < 3; i++) {
      store.decrementVersionUsageCounter(users);
    }
    ClosedStore.letGo(store);
    assertNotNull(assertTimeoutPreemptively(Duration.ofSeconds(10), store::registerVersionUsage));
  }
}
