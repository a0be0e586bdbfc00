/**
 * What is wrong with a cue list: cues that overlap, cannot be read in their time, or whose stills
 * are not delivered; found by {@link app.diaphan.core.cue.check.CueChecks}, each with its mend.
 */
@NullMarked
package app.diaphan.core.cue.check;

import org.jspecify.annotations.NullMarked;
