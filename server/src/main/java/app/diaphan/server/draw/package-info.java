/**
 * Pictures for the screens. {@link app.diaphan.server.draw.DrawingService} draws overlays,
 * remembering what has not changed; every picture has an address that never changes its content.
 */
package app.diaphan.server.draw;
