/**
 * What every room of the core needs: sentences that never follow the machine's language ({@link
 * app.diaphan.core.Sentence}), what is required of values ({@link app.diaphan.core.Require}), and
 * the one exception whose message is for the designer ({@link app.diaphan.core.InvalidInput}).
 *
 * <p>The core computes; it has no interface, no clock and no database. An overlay becomes a picture
 * so:
 *
 * <pre>{@code
 * Renderer renderer = new Renderer(ShippedFonts.shelf(), pictures, memory);
 * Rendering rendering = renderer.render(overlay, Canvas.of(overlay.frame()));
 * float[] pixels = rendering.pixels();
 * }</pre>
 */
@NullMarked
package app.diaphan.core;

import org.jspecify.annotations.NullMarked;
