/**
 * Files. {@link app.diaphan.core.deliver.Deliverer} writes all that one target asks for, never with
 * the whole frame in memory, reads it back while it is written, and gives files their names only
 * when all of them are good. {@link app.diaphan.core.deliver.FileInspector} tells what any file is.
 */
@NullMarked
package app.diaphan.core.deliver;

import org.jspecify.annotations.NullMarked;
