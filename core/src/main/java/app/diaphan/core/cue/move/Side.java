package app.diaphan.core.cue.move;

/** Where a still comes from or goes to, and in which direction that lies, in shares of the clip. */
public enum Side {
  LEFT("the left", -1, 0),
  RIGHT("the right", 1, 0),
  ABOVE("above", 0, -1),
  BELOW("below", 0, 1);

  private final String words;
  private final int across;
  private final int down;

  Side(String words, int across, int down) {
    this.words = words;
    this.across = across;
    this.down = down;
  }

  public String words() {
    return words;
  }

  int across() {
    return across;
  }

  int down() {
    return down;
  }
}
