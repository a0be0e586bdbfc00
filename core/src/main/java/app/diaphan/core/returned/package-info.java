/**
 * A file that comes back from somewhere else: which delivered one it is, and what happened to it on
 * its way. {@link app.diaphan.core.returned.ReturnedCheck} tells.
 */
@NullMarked
package app.diaphan.core.returned;

import org.jspecify.annotations.NullMarked;
