package app.diaphan.core.deliver;

import java.io.IOException;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** Packs bands of rows side by side and hands them on in their order. */
final class BandPipeline {
  private BandPipeline() {}

  @FunctionalInterface
  interface Sink<T> {
    void take(int band, T packed) throws IOException;
  }

  /** Bands are packed a few at a time, so that memory does not grow with the file. */
  static <T> void run(int bands, IntFunction<T> pack, Sink<T> sink) throws IOException {
    int together = 2 * Runtime.getRuntime().availableProcessors();
    for (int first = 0; first < bands; first += together) {
      List<T> packed =
          IntStream.range(first, Math.min(bands, first + together))
              .parallel()
              .mapToObj(pack)
              .toList();
      for (int i = 0; i < packed.size(); i++) {
        sink.take(first + i, packed.get(i));
      }
    }
  }
}
