package app.diaphan.server.draw;

import app.diaphan.core.Digest;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Drawn PNG files, kept until room is needed. */
@Component
class DrawnPictures {
  private static final String ADDRESS = "/api/drawn/";
  private static final String END = ".png";
  private static final int KEY_LENGTH = 32;
  private static final long MOST_BYTES = 160L << 20;
  private static final int MOST_WAITING = 4000;

  private final Cache<String, byte[]> pictures =
      Caffeine.newBuilder()
          .maximumWeight(MOST_BYTES)
          .weigher((String key, byte[] png) -> png.length)
          .build();

  private final Cache<String, Supplier<byte[]>> waiting =
      Caffeine.newBuilder().maximumSize(MOST_WAITING).build();

  /** Tells apart what is packed later in this run of the server from that of any other run. */
  private final String run = Long.toHexString(System.nanoTime());

  private final AtomicLong count = new AtomicLong();

  /** Keeps a picture under the digest of its bytes and gives the address to fetch it from. */
  String keep(byte[] png) {
    String key = Digest.of(png).substring(0, KEY_LENGTH);
    pictures.put(key, png);
    return ADDRESS + key + END;
  }

  /** Gives the address of a picture that is packed when it is first fetched. */
  String keepForLater(Supplier<byte[]> png) {
    String key = run + "-" + count.incrementAndGet();
    waiting.put(key, png);
    return ADDRESS + key + END;
  }

  /** Whether a part's picture can still be fetched. */
  boolean keeps(Drawing.DrawnPart part) {
    String address = part.picture();
    if (address.isEmpty()) {
      return true;
    }
    String key = address.substring(ADDRESS.length(), address.length() - END.length());
    return pictures.getIfPresent(key) != null || waiting.getIfPresent(key) != null;
  }

  Optional<byte[]> find(String key) {
    byte[] known = pictures.getIfPresent(key);
    if (known != null) {
      return Optional.of(known);
    }
    return Optional.ofNullable(waiting.getIfPresent(key))
        .map(png -> pictures.get(key, same -> png.get()));
  }
}
