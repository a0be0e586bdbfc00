package app.diaphan.core.memory;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;

/** Forgets first what was not used for longest. */
public final class RecentMemory implements Memory {
  private final long bound;
  private final Map<Key, Thing> known = new LinkedHashMap<>(16, 0.75f, true);
  private long used;

  private record Key(Object kind, Object key) {}

  private record Thing(Object value, long bytes) {}

  /**
   * @param bound bytes that all of it may take; 0 keeps nothing
   */
  public RecentMemory(long bound) {
    this.bound = bound;
  }

  @Override
  public <K, V> Remembered<K, V> kind(ToLongFunction<K> keyBytes, ToLongFunction<V> bytes) {
    return new Kind<>(keyBytes, bytes);
  }

  private final class Kind<K, V> implements Remembered<K, V> {
    private final ToLongFunction<K> keyBytes;
    private final ToLongFunction<V> bytes;

    Kind(ToLongFunction<K> keyBytes, ToLongFunction<V> bytes) {
      this.keyBytes = keyBytes;
      this.bytes = bytes;
    }

    @Override
    @SuppressWarnings("unchecked") // Only this kind puts things under its keys.
    public Optional<V> known(K key) {
      synchronized (known) {
        return Optional.ofNullable(known.get(new Key(this, key))).map(thing -> (V) thing.value());
      }
    }

    @Override
    public V of(K key, Supplier<V> making) {
      return known(key).orElseGet(() -> make(key, making));
    }

    private V make(K key, Supplier<V> making) {
      V made = making.get();
      long weight = keyBytes.applyAsLong(key) + bytes.applyAsLong(made);
      if (weight <= bound) {
        remember(new Key(this, key), new Thing(made, weight));
      }
      return made;
    }
  }

  private void remember(Key key, Thing thing) {
    synchronized (known) {
      Thing replaced = known.put(key, thing);
      used += thing.bytes() - (replaced == null ? 0 : replaced.bytes());
      Iterator<Thing> eldest = known.values().iterator();
      while (used > bound && eldest.hasNext()) {
        used -= eldest.next().bytes();
        eldest.remove();
      }
    }
  }

  @Override
  public void clear() {
    synchronized (known) {
      known.clear();
      used = 0;
    }
  }
}
