package app.diaphan.server.store;

import app.diaphan.core.Sentence;

/** Something was asked for that is not there, or no longer. */
public final class Missing extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public Missing(String what, Long id) {
    super(Sentence.of("There is no %s with the number %d; it may have been deleted.", what, id));
  }

  public Missing(String sentence) {
    super(sentence);
  }
}
