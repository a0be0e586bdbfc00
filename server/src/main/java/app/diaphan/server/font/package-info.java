/**
 * The fonts of packages and houses: {@link app.diaphan.server.font.FontShelves} gives what can be
 * set in, {@link app.diaphan.server.font.FontStore} takes files in.
 */
package app.diaphan.server.font;
