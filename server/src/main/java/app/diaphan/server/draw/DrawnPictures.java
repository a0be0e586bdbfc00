package app.diaphan.server.draw;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Drawn PNG files by the digest of their bytes, kept until room is needed. */
@Component
class DrawnPictures {
  private static final String ADDRESS = "/api/drawn/";
  private static final String END = ".png";
  private static final long MOST_BYTES = 160L << 20;

  private final Cache<String, byte[]> pictures =
      Caffeine.newBuilder()
          .maximumWeight(MOST_BYTES)
          .weigher((String key, byte[] png) -> png.length)
          .build();

  /** Keeps a picture and gives the address to fetch it from. */
  String keep(byte[] png) {
    try {
      byte[] digest = MessageDigest.getInstance("SHA-256").digest(png);
      String key = HexFormat.of().formatHex(digest, 0, 16);
      pictures.put(key, png);
      return ADDRESS + key + END;
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e); // Every Java platform has SHA-256.
    }
  }

  /** Whether a part's picture can still be fetched. */
  boolean keeps(Drawing.DrawnPart part) {
    String address = part.picture();
    return address.isEmpty()
        || find(address.substring(ADDRESS.length(), address.length() - END.length())).isPresent();
  }

  Optional<byte[]> find(String key) {
    return Optional.ofNullable(pictures.getIfPresent(key));
  }
}
