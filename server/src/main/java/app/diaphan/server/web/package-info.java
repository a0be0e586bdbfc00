/**
 * The HTTP interface, one class a subject. What goes wrong is told as problem+json ({@link
 * app.diaphan.server.web.Problems}); nobody but this machine is let in ({@link
 * app.diaphan.server.web.Guard}).
 */
package app.diaphan.server.web;
