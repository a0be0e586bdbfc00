package app.diaphan.core.photograph.jpeg;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.Optional;

/** Codes of up to 16 bits for symbols of a byte (ITU-T T.81, annexes C, F.2.2.3 and K.2). */
final class HuffmanCode {
  private static final int LONGEST = 16;
  private static final int SYMBOLS = 256;

  /** So many bits are looked up at once. */
  private static final int QUICK = 9;

  private final int[] counts;
  private final byte[] symbols;

  /** For the next bits: how many of them make a code, and its symbol; 0 for longer codes. */
  private final short[] quick = new short[1 << QUICK];

  /** The largest code of each length, and where its symbols begin; -1 for none. */
  private final int[] largest = new int[LONGEST + 1];

  private final int[] offset = new int[LONGEST + 1];

  /** Of each symbol; a length of 0 if it has none. */
  private final int[] codes = new int[SYMBOLS];

  private final int[] lengths = new int[SYMBOLS];

  /**
   * @param counts how many codes there are of each length, from 1 on
   * @param symbols in the codes' order
   */
  HuffmanCode(int[] counts, byte[] symbols) throws NotByBlocks {
    this.counts = counts.clone();
    this.symbols = symbols.clone();
    int code = 0;
    int next = 0;
    for (int length = 1; length <= LONGEST; length++) {
      offset[length] = next - code;
      for (int i = 0; i < counts[length - 1]; i++) {
        add(code++, length, symbols[next++] & 0xFF);
      }
      largest[length] = counts[length - 1] > 0 ? code - 1 : -1;
      if (code > 1 << length) {
        throw new NotByBlocks("its tables of codes are damaged");
      }
      code <<= 1;
    }
  }

  private void add(int code, int length, int symbol) throws NotByBlocks {
    if (code >= 1 << length) {
      throw new NotByBlocks("its tables of codes are damaged");
    }
    codes[symbol] = code;
    lengths[symbol] = length;
    if (length <= QUICK) {
      int first = code << QUICK - length;
      Arrays.fill(quick, first, first + (1 << QUICK - length), (short) (length << 8 | symbol));
    }
  }

  static HuffmanCode present(Optional<HuffmanCode> code) throws NotByBlocks {
    return code.orElseThrow(() -> new NotByBlocks("its tables of codes are damaged"));
  }

  int read(BitReader bits) throws NotByBlocks {
    int found = quick[bits.peek(QUICK)];
    if (found != 0) {
      bits.skip(found >> 8);
      return found & 0xFF;
    }
    int code = bits.peek(LONGEST);
    for (int length = QUICK + 1; length <= LONGEST; length++) {
      int start = code >> LONGEST - length;
      if (largest[length] >= 0 && start <= largest[length]) {
        int place = start + offset[length];
        if (place < 0 || place >= symbols.length) {
          break;
        }
        bits.skip(length);
        return symbols[place] & 0xFF;
      }
    }
    throw new NotByBlocks("its data is damaged");
  }

  int code(int symbol) {
    return codes[symbol];
  }

  int length(int symbol) {
    return lengths[symbol];
  }

  /** As a table's segment holds it, after its class and number. */
  void write(ByteArrayOutputStream to) {
    for (int count : counts) {
      to.write(count);
    }
    to.writeBytes(symbols);
  }

  /**
   * The shortest codes for symbols that come so often. One code, all ones, is kept free.
   *
   * @param often how often each symbol comes, 256 of them
   */
  static HuffmanCode shortest(long[] often) throws NotByBlocks {
    long[] left = Arrays.copyOf(often, SYMBOLS + 1);
    left[SYMBOLS] = 1; // The one that is kept free.
    int[] size = new int[SYMBOLS + 1];
    int[] chained = new int[SYMBOLS + 1];
    Arrays.fill(chained, -1);
    while (true) {
      int rarest = rarest(left, -1);
      int next = rarest(left, rarest);
      if (next < 0) {
        break;
      }
      left[rarest] += left[next];
      left[next] = 0;
      int end = lengthen(size, chained, rarest);
      chained[end] = next;
      lengthen(size, chained, next);
    }
    return of(size);
  }

  /** The symbol that is left and rarest, the last of those; -1 for none. */
  private static int rarest(long[] left, int but) {
    int rarest = -1;
    for (int i = 0; i < left.length; i++) {
      if (i != but && left[i] > 0 && (rarest < 0 || left[i] <= left[rarest])) {
        rarest = i;
      }
    }
    return rarest;
  }

  /**
   * @return the last of those chained to it
   */
  private static int lengthen(int[] size, int[] chained, int from) {
    int at = from;
    size[at]++;
    while (chained[at] >= 0) {
      at = chained[at];
      size[at]++;
    }
    return at;
  }

  private static HuffmanCode of(int[] size) throws NotByBlocks {
    int longest = Arrays.stream(size).max().orElse(1);
    int[] counts = new int[Math.max(longest, LONGEST) + 1];
    for (int length : size) {
      counts[length]++;
    }
    shorten(counts);
    int last = LONGEST;
    while (last > 0 && counts[last] == 0) {
      last--;
    }
    counts[last]--; // The free one, which is among the longest.
    ByteArrayOutputStream symbols = new ByteArrayOutputStream();
    for (int length = 1; length < counts.length; length++) {
      for (int symbol = 0; symbol < SYMBOLS; symbol++) {
        if (size[symbol] == length) {
          symbols.write(symbol);
        }
      }
    }
    return new HuffmanCode(Arrays.copyOfRange(counts, 1, LONGEST + 1), symbols.toByteArray());
  }

  /** No code is longer than may be: a pair goes up, and a shorter one is split for one of it. */
  private static void shorten(int[] counts) {
    for (int length = counts.length - 1; length > LONGEST; length--) {
      while (counts[length] > 0) {
        int shorter = length - 2;
        while (counts[shorter] == 0) {
          shorter--;
        }
        counts[length] -= 2;
        counts[length - 1]++;
        counts[shorter + 1] += 2;
        counts[shorter]--;
      }
    }
  }
}
