package app.diaphan.core.memory;

import java.util.function.ToLongFunction;

/**
 * One bound, in bytes, on all that is remembered. Whatever is remembered is made again when it is
 * not found, so anything may be forgotten at any time.
 */
public interface Memory {
  /** Remembers nothing. */
  Memory NONE = new RecentMemory(0);

  /**
   * A kind of things that share the bound with all other kinds.
   *
   * @param keyBytes what a key takes, always the same for one
   * @param bytes what a thing takes, always the same for one
   */
  <K, V> Remembered<K, V> kind(ToLongFunction<K> keyBytes, ToLongFunction<V> bytes);

  /** Forgets everything, for want of memory elsewhere. */
  void clear();

  /** What a key takes, with all that it holds and its place in the memory. */
  static long bytesOf(Object key) {
    return 64 + ObjectBytes.of(key);
  }
}
