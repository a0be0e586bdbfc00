/** Which of a house's two values of each colour an overlay wears. */
@NullMarked
package app.diaphan.core.overlay.dress;

import org.jspecify.annotations.NullMarked;
