/**
 * The application: what Spring starts ({@link app.diaphan.server.ServerApplication}), and what the
 * command line does ({@link app.diaphan.server.Diaphan}). It keeps documents and answers for them;
 * all that is computed is computed by the core.
 */
package app.diaphan.server;
