/**
 * A house read from what exists: from overlays, from brand sheets, from a picture. {@link
 * app.diaphan.core.house.reading.HouseFound} is what is offered for taking.
 */
@NullMarked
package app.diaphan.core.house.reading;

import org.jspecify.annotations.NullMarked;
