/**
 * Time in pictures, and its timecode at every rate (SMPTE ST 12-1): {@link
 * app.diaphan.core.cue.time.TimeBase}.
 */
@NullMarked
package app.diaphan.core.cue.time;

import org.jspecify.annotations.NullMarked;
