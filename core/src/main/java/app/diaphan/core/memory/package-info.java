/**
 * What is remembered, within bytes. A {@link app.diaphan.core.memory.Memory} bounds all kinds of
 * things together and lets go of what was used longest ago; {@link app.diaphan.core.memory.Permits}
 * lets as much work begin as there is memory for.
 */
@NullMarked
package app.diaphan.core.memory;

import org.jspecify.annotations.NullMarked;
