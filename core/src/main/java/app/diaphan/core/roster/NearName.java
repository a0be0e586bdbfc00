package app.diaphan.core.roster;

import java.util.Collection;
import java.util.Locale;
import java.util.Optional;

/** Finds the name that somebody who mistyped most likely meant. */
final class NearName {
  /** Of letters that may differ, as a share of the name. */
  private static final double MOST = 0.34;

  private NearName() {}

  /** A name that differs in case, or in being with or without its extension, only. */
  static Optional<String> same(String typed, Collection<String> names) {
    String plain = plain(typed);
    return names.stream()
        .filter(name -> plain(name).equals(plain))
        .findFirst()
        .or(() -> names.stream().filter(name -> stem(plain(name)).equals(stem(plain))).findFirst());
  }

  /** The name that fewest letters have to be changed for, if they are few. */
  static Optional<String> near(String typed, Collection<String> names) {
    String best = "";
    double least = MOST;
    for (String name : names) {
      String one = stem(plain(name));
      String other = stem(plain(typed));
      double share =
          (double) distance(one, other) / Math.max(1, Math.max(one.length(), other.length()));
      if (share <= least && (best.isEmpty() || share < least)) {
        best = name;
        least = share;
      }
    }
    return Optional.of(best).filter(name -> !name.isEmpty());
  }

  private static String plain(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }

  private static String stem(String name) {
    int dot = name.lastIndexOf('.');
    return dot > 0 && name.length() - dot <= 5 ? name.substring(0, dot) : name;
  }

  /** Letters to put in, take out or change (Levenshtein 1966; by rows, Wagner and Fischer 1974). */
  static int distance(String one, String other) {
    int[] row = new int[other.length() + 1];
    for (int j = 0; j <= other.length(); j++) {
      row[j] = j;
    }
    for (int i = 1; i <= one.length(); i++) {
      int diagonal = row[0];
      row[0] = i;
      for (int j = 1; j <= other.length(); j++) {
        int change = diagonal + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
        diagonal = row[j];
        row[j] = Math.min(change, 1 + Math.min(row[j], row[j - 1]));
      }
    }
    return row[other.length()];
  }
}
