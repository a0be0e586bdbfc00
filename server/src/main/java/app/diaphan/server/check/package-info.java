/**
 * The checks of Proof for overlays that are kept: {@link app.diaphan.server.check.CheckService}.
 */
package app.diaphan.server.check;
