/** Colours as people write them, and a space in which their distances are those that people see. */
@NullMarked
package app.diaphan.core.colour;

import org.jspecify.annotations.NullMarked;
