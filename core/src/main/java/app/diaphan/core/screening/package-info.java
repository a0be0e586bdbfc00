/**
 * A delivered file as an editing program lays it over a clip: {@link
 * app.diaphan.core.screening.ScreenedStill}, under each {@link
 * app.diaphan.core.screening.AlphaReading}; and what the way through video makes of any picture:
 * {@link app.diaphan.core.screening.VideoColours}.
 */
@NullMarked
package app.diaphan.core.screening;

import org.jspecify.annotations.NullMarked;
