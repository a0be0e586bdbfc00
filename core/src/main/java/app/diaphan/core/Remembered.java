package app.diaphan.core;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;

/** What was made before, by what it was made from; things not used for longest go first. */
public final class Remembered<K, V> {
  private final long memory;
  private final ToLongFunction<V> weight;
  private final Map<K, V> known = new LinkedHashMap<>(16, 0.75f, true);
  private long used;

  /**
   * @param memory bytes that all of it may take; 0 keeps nothing
   * @param weight bytes that one thing takes, always the same
   */
  public Remembered(long memory, ToLongFunction<V> weight) {
    this.memory = memory;
    this.weight = weight;
  }

  /** The same object again as long as it is remembered; things are made side by side. */
  public V of(K key, Supplier<V> making) {
    synchronized (known) {
      V before = known.get(key);
      if (before != null) {
        return before;
      }
    }
    V made = making.get();
    if (weight.applyAsLong(made) <= memory) {
      remember(key, made);
    }
    return made;
  }

  private void remember(K key, V made) {
    synchronized (known) {
      V replaced = known.put(key, made);
      used += weight.applyAsLong(made) - (replaced == null ? 0 : weight.applyAsLong(replaced));
      Iterator<V> eldest = known.values().iterator();
      while (used > memory && eldest.hasNext()) {
        used -= weight.applyAsLong(eldest.next());
        eldest.remove();
      }
    }
  }
}
