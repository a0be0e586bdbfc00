package app.diaphan.core.memory;

import java.util.Optional;
import java.util.function.Supplier;

/**
 * Things of one kind that were made before, by what they were made from. A key has to say all that
 * decides the thing and must not hold large things itself: it is kept as long as they are.
 */
public interface Remembered<K, V> {
  /** The same object again as long as it is remembered; things are made side by side. */
  V of(K key, Supplier<V> making);

  /** Nothing if it is not remembered. */
  Optional<V> known(K key);
}
