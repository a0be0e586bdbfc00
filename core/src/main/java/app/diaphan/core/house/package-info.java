/**
 * A brand that packages follow. A {@link app.diaphan.core.house.House} has colours, fonts, marks,
 * textures, finish sets and originals under their names; it dresses overlays in its present values.
 * {@link app.diaphan.core.house.HouseChange} says what a change of it touches, and keeps overlays
 * away from one.
 */
@NullMarked
package app.diaphan.core.house;

import org.jspecify.annotations.NullMarked;
