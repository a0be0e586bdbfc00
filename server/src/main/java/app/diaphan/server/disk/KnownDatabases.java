package app.diaphan.server.disk;

import java.lang.invoke.MethodHandle;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.MethodHandles.Lookup;
import java.lang.invoke.MethodType;
import java.lang.invoke.VarHandle;
import java.util.Map;
import org.h2.engine.Database;
import org.h2.engine.Engine;

/**
 * The databases that H2 2.4.240 has open, by name. Whoever is late with a database that closed by
 * an error makes it forget, by that name, the one that was opened since ({@code
 * Database.checkPowerOff2}); each further connection then fails, since this process itself has the
 * file locked.
 */
final class KnownDatabases {
  private static final Map<String, Object> HOLDERS;
  private static final MethodHandle NEW_HOLDER;
  private static final VarHandle HELD;
  private static final VarHandle NAME;

  static {
    try {
      Lookup engine = MethodHandles.privateLookupIn(Engine.class, MethodHandles.lookup());
      Class<?> holder = engine.findClass(Engine.class.getName() + "$DatabaseHolder");
      @SuppressWarnings("unchecked")
      Map<String, Object> holders =
          (Map<String, Object>)
              engine.findStaticVarHandle(Engine.class, "DATABASES", Map.class).get();
      HOLDERS = holders;
      Lookup held = MethodHandles.privateLookupIn(holder, MethodHandles.lookup());
      NEW_HOLDER =
          held.findConstructor(holder, MethodType.methodType(void.class))
              .asType(MethodType.methodType(Object.class));
      HELD = held.findVarHandle(holder, "database", Database.class);
      NAME =
          MethodHandles.privateLookupIn(Database.class, MethodHandles.lookup())
              .findVarHandle(Database.class, "databaseName", String.class);
    } catch (ReflectiveOperationException e) {
      throw new ExceptionInInitializerError(e);
    }
  }

  private KnownDatabases() {}

  /** Has connections lead to an open database, unless they lead to another already. */
  static void remember(Database open) {
    String name = (String) NAME.get(open);
    synchronized (HOLDERS) {
      Object holder = HOLDERS.computeIfAbsent(name, unknown -> newHolder());
      HELD.compareAndSet(holder, null, open);
    }
  }

  private static Object newHolder() {
    try {
      return NEW_HOLDER.invokeExact();
    } catch (Throwable e) {
      throw new IllegalStateException("H2 has no such holder.", e);
    }
  }
}
