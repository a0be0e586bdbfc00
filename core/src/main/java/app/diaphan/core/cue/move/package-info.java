/**
 * How a still comes and goes. {@link app.diaphan.core.cue.move.Move} is what is chosen, {@link
 * app.diaphan.core.cue.move.Pose} what comes of it in one picture.
 */
@NullMarked
package app.diaphan.core.cue.move;

import org.jspecify.annotations.NullMarked;
