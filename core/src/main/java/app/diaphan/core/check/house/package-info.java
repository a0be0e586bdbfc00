/**
 * Whether overlays keep to the house that they follow: colours, fonts, and the size, proportions,
 * colours and clear space of marks. {@link app.diaphan.core.check.house.HouseChecks} finds what
 * does not, and mends it.
 */
@NullMarked
package app.diaphan.core.check.house;

import org.jspecify.annotations.NullMarked;
