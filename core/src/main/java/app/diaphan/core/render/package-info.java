/**
 * An overlay becomes pixels. {@link app.diaphan.core.render.Renderer} lays out the pieces, paints
 * each with its finishes as layers, and gives a {@link app.diaphan.core.render.Rendering}, whose
 * rows are put together when they are asked for.
 *
 * <pre>{@code
 * Rendering rendering = renderer.render(overlay, Canvas.scaled(overlay.frame(), 0.5));
 * rendering.rows(top, bottom, premultiplied);
 * }</pre>
 */
@NullMarked
package app.diaphan.core.render;

import org.jspecify.annotations.NullMarked;
