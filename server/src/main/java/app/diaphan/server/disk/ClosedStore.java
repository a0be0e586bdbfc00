package app.diaphan.server.disk;

import java.lang.invoke.MethodHandle;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.MethodHandles.Lookup;
import java.lang.invoke.MethodType;
import java.lang.invoke.VarHandle;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStore.TxCounter;

/**
 * Frees threads that a closed store of H2 2.4.240 holds for ever. A store that closes for want of
 * room while several threads use it can count its users below zero; whoever asks it for anything
 * then turns in a circle in {@code MVStore.registerVersionUsage}, since a closed store's counter is
 * never exchanged. It is exchanged here for one that cannot fall below zero; what the thread does
 * next fails with the sentence that the database has closed.
 */
final class ClosedStore {
  private static final int MORE_THAN_EVER_USED = 1 << 30;

  private static final VarHandle CURRENT;
  private static final VarHandle USERS;
  private static final MethodHandle NEW_COUNTER;

  static {
    try {
      Lookup store = MethodHandles.privateLookupIn(MVStore.class, MethodHandles.lookup());
      Lookup counter = MethodHandles.privateLookupIn(TxCounter.class, MethodHandles.lookup());
      CURRENT = store.findVarHandle(MVStore.class, "currentTxCounter", TxCounter.class);
      USERS = counter.findVarHandle(TxCounter.class, "counter", int.class);
      NEW_COUNTER =
          counter.findConstructor(TxCounter.class, MethodType.methodType(void.class, long.class));
    } catch (ReflectiveOperationException e) {
      throw new ExceptionInInitializerError(e);
    }
  }

  private ClosedStore() {}

  static void letGo(MVStore store) {
    TxCounter counter;
    try {
      counter = (TxCounter) NEW_COUNTER.invokeExact(store.getCurrentVersion());
    } catch (Throwable e) {
      throw new IllegalStateException("H2 has no such counter.", e);
    }
    USERS.setVolatile(counter, MORE_THAN_EVER_USED);
    CURRENT.setVolatile(store, counter);
  }
}
