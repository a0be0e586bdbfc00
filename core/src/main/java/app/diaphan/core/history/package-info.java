/**
 * Which of many saved states are still worth keeping as time goes by: {@link
 * app.diaphan.core.history.Thinning}.
 */
@NullMarked
package app.diaphan.core.history;

import org.jspecify.annotations.NullMarked;
