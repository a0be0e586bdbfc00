/**
 * The database. {@link app.diaphan.server.store.PackageStore} has packages, overlays and their
 * revisions, {@link app.diaphan.server.store.PictureStore} pictures; the other classes are rows and
 * what is asked of them. Its tables are made by Flyway (db/migration).
 */
package app.diaphan.server.store;
