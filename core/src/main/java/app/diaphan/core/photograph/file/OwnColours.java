package app.diaphan.core.photograph.file;

import java.awt.color.CMMException;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.util.Arrays;
import java.util.Optional;

/**
 * The colours that a photograph's numbers mean: those of its profile, or sRGB.
 *
 * @param profile none for sRGB
 * @param grey whether there is one number a pixel
 */
public record OwnColours(Optional<ICC_Profile> profile, boolean grey) {
  private static final int MOST = 65535;
  private static final int RGBA = 4;
  private static final int RGB = 3;

  /**
   * @param profile of the file; one that cannot be read or is of other colours says nothing
   * @param channels of colour, 1 or 3
   */
  static OwnColours of(Optional<byte[]> profile, int channels) {
    return new OwnColours(
        profile
            .flatMap(OwnColours::read)
            .filter(one -> one.getNumComponents() == channels)
            .filter(one -> !srgb(one)),
        channels == 1);
  }

  private static Optional<ICC_Profile> read(byte[] bytes) {
    try {
      ICC_Profile profile = ICC_Profile.getInstance(bytes);
      // Some are found out only when they are used.
      new ColorConvertOp(new ICC_Profile[] {profile, srgb()}, null)
          .filter(
              Raster.createInterleavedRaster(
                  DataBuffer.TYPE_USHORT, 1, 1, profile.getNumComponents(), null),
              Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, 1, 1, RGB, null));
      return Optional.of(profile);
    } catch (IllegalArgumentException | CMMException e) {
      return Optional.empty();
    }
  }

  private static ICC_Profile srgb() {
    return ICC_Profile.getInstance(ColorSpace.CS_sRGB);
  }

  private static boolean srgb(ICC_Profile profile) {
    return Arrays.equals(profile.getData(), srgb().getData());
  }

  /**
   * @param own one or three numbers a pixel, 0–1
   * @return red, green and blue of sRGB, 0–1
   */
  float[] toSrgb(float[] own) {
    int channels = grey ? 1 : RGB;
    if (profile.isPresent()) {
      return converted(own, channels, RGB, new ICC_Profile[] {profile.get(), srgb()});
    }
    if (!grey) {
      return own;
    }
    float[] rgb = new float[RGB * own.length];
    for (int i = 0; i < rgb.length; i++) {
      rgb[i] = own[i / RGB];
    }
    return rgb;
  }

  /**
   * What a mark is in these colours.
   *
   * @param srgb premultiplied red, green, blue and alpha, 0–1
   * @return likewise; of grey all three are the same
   */
  public float[] fromSrgb(float[] srgb) {
    if (profile.isEmpty() && !grey) {
      return srgb;
    }
    int pixels = srgb.length / RGBA;
    float[] straight = new float[RGB * pixels];
    for (int i = 0; i < pixels; i++) {
      float alpha = srgb[RGBA * i + RGB];
      for (int c = 0; c < RGB && alpha > 0; c++) {
        straight[RGB * i + c] = Math.clamp(srgb[RGBA * i + c] / alpha, 0f, 1f);
      }
    }
    float[] own = own(straight, pixels);
    float[] result = new float[srgb.length];
    for (int i = 0; i < pixels; i++) {
      float alpha = srgb[RGBA * i + RGB];
      for (int c = 0; c < RGB; c++) {
        result[RGBA * i + c] = alpha * (grey ? own[i] : own[RGB * i + c]);
      }
      result[RGBA * i + RGB] = alpha;
    }
    return result;
  }

  private float[] own(float[] straight, int pixels) {
    if (profile.isPresent()) {
      return converted(straight, RGB, grey ? 1 : RGB, new ICC_Profile[] {srgb(), profile.get()});
    }
    float[] brightness = new float[pixels];
    for (int i = 0; i < pixels; i++) {
      brightness[i] =
          0.299f * straight[RGB * i]
              + 0.587f * straight[RGB * i + 1]
              + 0.114f * straight[RGB * i + 2];
    }
    return brightness;
  }

  private static float[] converted(float[] from, int channels, int others, ICC_Profile[] way) {
    int pixels = from.length / channels;
    if (pixels == 0) {
      return new float[0];
    }
    WritableRaster before =
        Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, pixels, 1, channels, null);
    WritableRaster after =
        Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, pixels, 1, others, null);
    int[] values = new int[from.length];
    for (int i = 0; i < values.length; i++) {
      values[i] = Math.round(from[i] * MOST);
    }
    before.setPixels(0, 0, pixels, 1, values);
    new ColorConvertOp(way, null).filter(before, after);
    int[] found = after.getPixels(0, 0, pixels, 1, (int[]) null);
    float[] result = new float[found.length];
    for (int i = 0; i < result.length; i++) {
      result[i] = found[i] / (float) MOST;
    }
    return result;
  }
}
