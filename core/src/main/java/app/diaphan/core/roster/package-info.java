/**
 * A table becomes files. {@link app.diaphan.core.roster.Filling} fills an overlay with a row,
 * {@link app.diaphan.core.roster.RowDelivery} delivers rows side by side, {@link
 * app.diaphan.core.roster.Extremes} finds the rows that decide whether a design is right.
 */
@NullMarked
package app.diaphan.core.roster;

import org.jspecify.annotations.NullMarked;
