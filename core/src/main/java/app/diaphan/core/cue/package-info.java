/**
 * Cue lists: every still of a video at its time. A {@link app.diaphan.core.cue.CueList} has the
 * clip, its markers and the cues on their lanes; {@link app.diaphan.core.cue.Dealing} lays stills
 * at markers. All times are pictures of the clip, counted from 00:00:00:00.
 */
@NullMarked
package app.diaphan.core.cue;

import org.jspecify.annotations.NullMarked;
