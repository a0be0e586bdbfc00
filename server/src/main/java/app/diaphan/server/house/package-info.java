/**
 * Houses and all that follows them. {@link app.diaphan.server.house.HouseTouches} finds what a
 * change touches, {@link app.diaphan.server.house.HouseChanges} makes it whole or not at all, and
 * takes it back.
 */
package app.diaphan.server.house;
