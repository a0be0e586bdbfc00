/**
 * Documents as JSON, strictly: {@link app.diaphan.server.json.DocumentJson}. Older ones are brought
 * up to date when they are read.
 */
package app.diaphan.server.json;
