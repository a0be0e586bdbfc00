package app.diaphan.server.memory;

import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;

/** Keeps what is used often and lately; a glut of things used once does not drive it out. */
final class CaffeineMemory implements Memory {
  private static final int UNIT = 64;

  private final Cache<Key, Thing> things;
  private final long bound;

  private record Key(Object kind, Object key) {}

  private record Thing(Object value, long bytes) {
    int units() {
      return (int) Math.min(Integer.MAX_VALUE, bytes / UNIT + 1);
    }
  }

  /**
   * @param bound bytes that all of it may take
   */
  CaffeineMemory(long bound) {
    this.bound = bound;
    things =
        Caffeine.newBuilder()
            .maximumWeight(bound / UNIT)
            .weigher((Key key, Thing thing) -> thing.units())
            // At once: what is let go of later would still be in the way of what is made now.
            .executor(Runnable::run)
            .build();
  }

  @Override
  public <K, V> Remembered<K, V> kind(ToLongFunction<K> keyBytes, ToLongFunction<V> bytes) {
    return new Kind<>(keyBytes, bytes);
  }

  @Override
  public void clear() {
    things.invalidateAll();
  }

  /** What is kept now, in bytes. */
  long used() {
    things.cleanUp();
    return UNIT * things.policy().eviction().orElseThrow().weightedSize().orElse(0);
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
      return Optional.ofNullable(things.getIfPresent(new Key(this, key)))
          .map(thing -> (V) thing.value());
    }

    @Override
    public V of(K key, Supplier<V> making) {
      return known(key).orElseGet(() -> make(key, making));
    }

    private V make(K key, Supplier<V> making) {
      V made = making.get();
      long weight = keyBytes.applyAsLong(key) + bytes.applyAsLong(made);
      if (weight <= bound) {
        things.put(new Key(this, key), new Thing(made, weight));
      }
      return made;
    }
  }
}
