/**
 * A package as a folder or a zip file. {@link app.diaphan.server.bundle.BundleReader} and {@link
 * app.diaphan.server.bundle.BundleWriter} know the open form (docs/bundle.md), {@link
 * app.diaphan.server.bundle.BundleStore} takes bundles into the database and out of it.
 */
package app.diaphan.server.bundle;
