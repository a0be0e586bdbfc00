/**
 * Documents as older versions wrote them, brought to the present one. {@link
 * app.diaphan.server.json.older.OlderDocuments} has the steps in their order; a new version of
 * documents is a new step at their end.
 */
package app.diaphan.server.json.older;
