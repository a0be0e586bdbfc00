/**
 * The document. An {@link app.diaphan.core.overlay.Overlay} is a frame and a stack of {@link
 * app.diaphan.core.overlay.Piece}s from front to back: texts, plates, pictures and groups of them.
 * All of it is immutable and sound from its making on: constructors refuse what cannot be with a
 * sentence. Places and sizes are display units of the frame, or of the group that holds a piece.
 */
@NullMarked
package app.diaphan.core.overlay;

import org.jspecify.annotations.NullMarked;
