package app.diaphan.core.cue;

import app.diaphan.core.Require;

/**
 * Which delivered still a cue shows: always the newest one that was made of an overlay, and of a
 * row if it is filled with one, for a target.
 *
 * @param overlay number by which whoever keeps overlays knows it
 * @param row number by which whoever keeps rows knows it; 0 for an overlay as it is
 * @param target name of the target
 */
public record StillId(long overlay, long row, String target) {
  public StillId {
    Require.present(target, "The target of a cue's still");
  }
}
