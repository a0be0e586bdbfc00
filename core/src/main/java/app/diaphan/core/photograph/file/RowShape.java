package app.diaphan.core.photograph.file;

/**
 * What rows of pixels are.
 *
 * @param channels 1 for grey, 3 for colours, and one more for alpha
 * @param bits 8 or 16 a channel
 */
record RowShape(int width, int height, int channels, int bits) {}
