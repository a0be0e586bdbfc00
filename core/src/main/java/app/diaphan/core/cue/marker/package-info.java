/**
 * Markers read from files: OpenTimelineIO, CMX 3600, WebVTT, SubRip, and tables; {@link
 * app.diaphan.core.cue.marker.MarkerFile} tells which a file is.
 */
@NullMarked
package app.diaphan.core.cue.marker;

import org.jspecify.annotations.NullMarked;
