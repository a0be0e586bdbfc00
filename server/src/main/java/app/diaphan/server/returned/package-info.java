/**
 * Files that come back are recognised among all that were delivered: {@link
 * app.diaphan.server.returned.ReturnedService}.
 */
package app.diaphan.server.returned;
