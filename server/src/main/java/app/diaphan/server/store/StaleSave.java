package app.diaphan.server.store;

import app.diaphan.core.Sentence;

/** A save was based on a revision that is no longer the newest. */
public final class StaleSave extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public StaleSave(String overlay, int newest) {
    super(
        Sentence.of(
            "\"%s\" was saved from elsewhere meanwhile (revision %d). Your changes are still here; nothing was overwritten.",
            overlay, newest));
  }
}
