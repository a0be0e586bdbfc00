/** What is told of a delivery, as a page for people and as JSON for programs. */
package app.diaphan.server.report;
