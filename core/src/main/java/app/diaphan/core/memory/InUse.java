package app.diaphan.core.memory;

import java.lang.ref.WeakReference;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Things that are found as long as somebody else holds them; by itself it keeps none. For few large
 * ones.
 */
public final class InUse<K, V> {
  private final Map<K, WeakReference<V>> things = new ConcurrentHashMap<>();

  public Optional<V> known(K key) {
    return Optional.ofNullable(things.get(key)).map(WeakReference::get);
  }

  public void put(K key, V thing) {
    things.values().removeIf(reference -> reference.refersTo(null));
    things.put(key, new WeakReference<>(thing));
  }
}
