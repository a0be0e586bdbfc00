package app.diaphan.server.draw;

import app.diaphan.core.Digest;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.server.memory.MemoryBudget;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Drawn PNG files under addresses that never change their content. The files are kept while there
 * is room; what is needed to draw them again is small and is kept for longer.
 */
@Component
class DrawnPictures {
  private static final String ADDRESS = "/api/drawn/";
  private static final String END = ".png";
  private static final int KEY_LENGTH = 32;

  private final Remembered<String, byte[]> pictures;
  private final Remembered<String, Recipe> recipes;

  /** Tells apart what is packed later in this run of the server from that of any other run. */
  private final String run = Long.toHexString(System.nanoTime());

  private final AtomicLong count = new AtomicLong();

  /**
   * How to draw a file again. It may hold documents, but nothing that was drawn or decoded.
   *
   * @param bytes that it takes
   */
  record Recipe(Supplier<byte[]> png, long bytes) {}

  DrawnPictures(MemoryBudget budget) {
    pictures = budget.drawn().kind(Memory::bytesOf, png -> png.length);
    recipes = budget.recipes().kind(Memory::bytesOf, Recipe::bytes);
  }

  /** Keeps a picture under the digest of its bytes and gives the address to fetch it from. */
  String keep(byte[] png) {
    String key = Digest.of(png).substring(0, KEY_LENGTH);
    pictures.of(key, () -> png);
    return ADDRESS + key + END;
  }

  /** The same for a picture that can be drawn again when it was let go of. */
  String keep(byte[] png, Recipe again) {
    String address = keep(png);
    recipes.of(keyOf(address), () -> again);
    return address;
  }

  /** Gives the address of a picture that is drawn when it is first fetched. */
  String keepForLater(Recipe recipe) {
    String address = newAddress();
    keepForLater(address, recipe);
    return address;
  }

  String newAddress() {
    return ADDRESS + run + "-" + count.incrementAndGet() + END;
  }

  /** Makes sure that the picture of an address can be fetched. */
  void keepForLater(String address, Recipe recipe) {
    recipes.of(keyOf(address), () -> recipe);
  }

  Optional<byte[]> find(String key) {
    return pictures
        .known(key)
        .or(() -> recipes.known(key).map(recipe -> pictures.of(key, recipe.png())));
  }

  private static String keyOf(String address) {
    return address.substring(ADDRESS.length(), address.length() - END.length());
  }
}
