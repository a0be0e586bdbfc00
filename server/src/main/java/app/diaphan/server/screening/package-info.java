/** Delivered stills for the screening: {@link app.diaphan.server.screening.ScreeningService}. */
package app.diaphan.server.screening;
