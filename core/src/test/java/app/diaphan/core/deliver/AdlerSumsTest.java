package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import java.util.zip.Adler32;
import org.junit.jupiter.api.Test;

class AdlerSumsTest {
  private static long sum(byte[] bytes, int from, int to) {
    Adler32 sum = new Adler32();
    sum.update(bytes, from, to - from);
    return sum.getValue();
  }

  @Test
  void twoPartsHaveTheSumOfTheWhole() {
    Random random = new Random(5);
    for (int length : new int[] {0, 1, 2, 5552, 65_521, 65_522, 491_584}) {
      byte[] bytes = new byte[length];
      random.nextBytes(bytes);
      for (int at : new int[] {0, length / 3, length}) {
        assertEquals(
            sum(bytes, 0, length),
            AdlerSums.joined(sum(bytes, 0, at), sum(bytes, at, length), length - at));
      }
    }
  }

  @Test
  void zerosAndFullBytesToo() {
    byte[] zeros = new byte[131_042];
    assertEquals(
        sum(zeros, 0, 131_042),
        AdlerSums.joined(sum(zeros, 0, 65_521), sum(zeros, 65_521, 131_042), 65_521));
    byte[] full = new byte[300_000];
    java.util.Arrays.fill(full, (byte) 0xff);
    assertEquals(
        sum(full, 0, 300_000), AdlerSums.joined(sum(full, 0, 7), sum(full, 7, 300_000), 299_993));
  }
}
