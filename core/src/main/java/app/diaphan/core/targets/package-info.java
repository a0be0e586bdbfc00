/**
 * Ways of delivering. A {@link app.diaphan.core.targets.NamedTarget} is a frame, a kind of file and
 * a pattern for names; {@link app.diaphan.core.targets.DeliveryPlan} names every file before one is
 * written.
 */
@NullMarked
package app.diaphan.core.targets;

import org.jspecify.annotations.NullMarked;
