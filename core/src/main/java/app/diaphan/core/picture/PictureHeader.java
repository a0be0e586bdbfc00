package app.diaphan.core.picture;

/**
 * What a picture file says of itself before anything is decoded.
 *
 * @param format "PNG", "JPEG"
 */
public record PictureHeader(String format, int width, int height) {}
