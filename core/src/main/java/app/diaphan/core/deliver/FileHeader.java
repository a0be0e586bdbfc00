package app.diaphan.core.deliver;

import app.diaphan.core.frame.PixelAspect;

/**
 * What a file says of itself beside its pixels.
 *
 * @param left where a trimmed file lies on its frame, in pixels; 0 for a whole frame
 * @param top the same, downwards
 */
record FileHeader(PixelAspect aspect, int dotsPerInch, int left, int top, boolean trimmed) {}
