/**
 * What an editor is given: stills, time lines in open forms, subtitles, a contact sheet and words
 * about it all. {@link app.diaphan.core.cue.handover.HandOver} writes them and reads every time
 * line back.
 */
@NullMarked
package app.diaphan.core.cue.handover;

import org.jspecify.annotations.NullMarked;
