/**
 * What a hand does to pieces: moving, sizing, turning, lining up, grouping, hanging, copying.
 * {@link app.diaphan.core.arrange.Arranger} does each {@link app.diaphan.core.arrange.Arrangement};
 * geometric ones become placements that are fulfilled piece by piece, so that what hangs from a
 * piece goes along.
 */
@NullMarked
package app.diaphan.core.arrange;

import org.jspecify.annotations.NullMarked;
