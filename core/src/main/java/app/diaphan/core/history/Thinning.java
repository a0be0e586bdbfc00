package app.diaphan.core.history;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Which saves of an overlay are no longer kept. What was done in a sitting is wanted step by step
 * for a while, later only where it stood: after an hour the last save of each minute stays, after a
 * day that of each hour, after thirty days that of each day.
 */
public final class Thinning {
  private static final Duration EACH = Duration.ofHours(1);
  private static final Duration BY_MINUTE = Duration.ofDays(1);
  private static final Duration BY_HOUR = Duration.ofDays(30);

  private Thinning() {}

  /**
   * @param at seconds since 1970, in UTC
   * @param held whether it stays for another reason: it has a name, or a file was made of it
   */
  public record Save(int number, long at, boolean held) {}

  /**
   * @param saves of one overlay, the newest first, which always stays
   * @param now likewise
   * @return the numbers of those that go
   */
  public static List<Integer> outgrown(List<Save> saves, long now) {
    List<Integer> outgrown = new ArrayList<>();
    Set<Span> seen = new HashSet<>();
    for (Save save : saves) {
      Duration age = Duration.ofSeconds(now - save.at());
      boolean last = age.compareTo(EACH) < 0 || seen.add(span(save.at(), age));
      if (!last && !save.held() && save != saves.getFirst()) {
        outgrown.add(save.number());
      }
    }
    return outgrown;
  }

  /**
   * @param seconds its length
   */
  private record Span(long seconds, long index) {}

  private static Span span(long at, Duration age) {
    long seconds =
        (age.compareTo(BY_MINUTE) < 0
                ? Duration.ofMinutes(1)
                : age.compareTo(BY_HOUR) < 0 ? Duration.ofHours(1) : Duration.ofDays(1))
            .toSeconds();
    return new Span(seconds, Math.floorDiv(at, seconds));
  }
}
