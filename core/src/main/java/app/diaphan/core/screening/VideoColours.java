package app.diaphan.core.screening;

import app.diaphan.core.raster.Bands;

/**
 * What video makes of a picture: luma and two colour channels of 8 bits in limited range (ITU-R
 * BT.709, items 3 and 4), the colour channels at half the lines and half the columns (4:2:0; each
 * the mean of the four pixels around it), and back by linear interpolation.
 */
public final class VideoColours {
  private final int width;
  private final int height;
  private final int halfWidth;
  private final float[] luma;
  private final float[] blue;
  private final float[] red;

  private VideoColours(float[] rgb, int width, int height) {
    this.width = width;
    this.height = height;
    halfWidth = (width + 1) / 2;
    int halfHeight = (height + 1) / 2;
    luma = new float[width * height];
    blue = new float[halfWidth * halfHeight];
    red = new float[halfWidth * halfHeight];
    Bands.over(0, halfHeight, 2 * width, (top, bottom) -> encode(rgb, top, bottom));
  }

  /**
   * @param rgb opaque red, green and blue of each pixel, 0–1, row by row
   * @return the same after the way through video
   */
  public static float[] of(float[] rgb, int width, int height) {
    VideoColours look = new VideoColours(rgb, width, height);
    float[] seen = new float[rgb.length];
    Bands.over(0, height, width, (top, bottom) -> look.decode(seen, top, bottom));
    return seen;
  }

  private void encode(float[] rgb, int top, int bottom) {
    for (int cy = top; cy < bottom; cy++) {
      for (int cx = 0; cx < halfWidth; cx++) {
        float sumBlue = 0;
        float sumRed = 0;
        int count = 0;
        for (int y = 2 * cy; y < Math.min(height, 2 * cy + 2); y++) {
          for (int x = 2 * cx; x < Math.min(width, 2 * cx + 2); x++) {
            int at = 3 * (y * width + x);
            float l = 0.2126f * rgb[at] + 0.7152f * rgb[at + 1] + 0.0722f * rgb[at + 2];
            luma[y * width + x] = Math.round(219 * l) / 219f;
            sumBlue += (rgb[at + 2] - l) / 1.8556f;
            sumRed += (rgb[at] - l) / 1.5748f;
            count++;
          }
        }
        blue[cy * halfWidth + cx] = Math.round(224 * sumBlue / count) / 224f;
        red[cy * halfWidth + cx] = Math.round(224 * sumRed / count) / 224f;
      }
    }
  }

  private void decode(float[] seen, int top, int bottom) {
    for (int y = top; y < bottom; y++) {
      for (int x = 0; x < width; x++) {
        float l = luma[y * width + x];
        float b = between(blue, x, y);
        float r = between(red, x, y);
        int at = 3 * (y * width + x);
        float seenRed = l + 1.5748f * r;
        float seenBlue = l + 1.8556f * b;
        seen[at] = Math.clamp(seenRed, 0f, 1f);
        seen[at + 1] = Math.clamp((l - 0.2126f * seenRed - 0.0722f * seenBlue) / 0.7152f, 0f, 1f);
        seen[at + 2] = Math.clamp(seenBlue, 0f, 1f);
      }
    }
  }

  private float between(float[] half, int x, int y) {
    int halfHeight = (height + 1) / 2;
    float u = Math.clamp((x - 0.5f) / 2, 0f, halfWidth - 1f);
    float v = Math.clamp((y - 0.5f) / 2, 0f, halfHeight - 1f);
    int left = (int) u;
    int top = (int) v;
    int right = Math.min(halfWidth - 1, left + 1);
    int bottom = Math.min(halfHeight - 1, top + 1);
    float across = u - left;
    float down = v - top;
    float above =
        half[top * halfWidth + left] * (1 - across) + half[top * halfWidth + right] * across;
    float below =
        half[bottom * halfWidth + left] * (1 - across) + half[bottom * halfWidth + right] * across;
    return above * (1 - down) + below * down;
  }
}
