package app.diaphan.core.picture;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.util.Optional;

/** Brings decoded samples to premultiplied sRGB floats, with all the depth that they have. */
final class SrgbSamples {
  private static final int ROWS_AT_ONCE = 64;
  private static final int MOST = 65535;

  private final Decoded decoded;
  private final BufferedImage image;
  private final ColorModel model;
  private final int width;

  /** Whether samples are read as they are stored; else as the platform's 8-bit colours. */
  private final boolean raw;

  private final int colours;
  private final Optional<ColorConvertOp> toSrgb;

  private SrgbSamples(Decoded decoded) {
    this.decoded = decoded;
    image = decoded.image();
    model = image.getColorModel();
    width = image.getWidth();
    int parts = model.getNumColorComponents();
    // Inks without a profile are brought to the screen's colours by the model that they came with.
    boolean known = parts == 1 || parts == 3 || model.getColorSpace() instanceof ICC_ColorSpace;
    raw =
        known
            && model instanceof ComponentColorModel
            && image.getRaster().getNumBands() == model.getNumComponents();
    colours = raw ? model.getNumColorComponents() : 3;
    toSrgb = profile().map(own -> new ColorConvertOp(new ICC_Profile[] {own, srgb()}, null));
  }

  /**
   * @param identity of the picture
   */
  static RasterPicture picture(Decoded decoded, String identity) {
    SrgbSamples samples = new SrgbSamples(decoded);
    boolean alpha = samples.model.hasAlpha() || decoded.clear().length > 0;
    return new RasterPicture(
        samples.width, samples.image.getHeight(), samples.store(), alpha, identity);
  }

  /** Bits of a channel. */
  static int bits(BufferedImage image) {
    int most = 0;
    for (int size : image.getColorModel().getComponentSize()) {
      most = Math.max(most, size);
    }
    return most;
  }

  private static ICC_Profile srgb() {
    return ICC_Profile.getInstance(ColorSpace.CS_sRGB);
  }

  /**
   * The profile to convert from; none for sRGB and for greys without one, which are encoded too.
   */
  private Optional<ICC_Profile> profile() {
    if (decoded.profile().isPresent()) {
      return decoded.profile().filter(own -> own.getNumComponents() == colours);
    }
    ColorSpace space = model.getColorSpace();
    boolean plain =
        !raw
            || space.isCS_sRGB()
            || space == ColorSpace.getInstance(ColorSpace.CS_GRAY)
            || colours == 1 && !(space instanceof ICC_ColorSpace);
    return plain || !(space instanceof ICC_ColorSpace own)
        ? Optional.empty()
        : Optional.of(own.getProfile());
  }

  /** As few bytes as hold every sample as it comes: results of a conversion have 16 bits. */
  private PixelStore store() {
    boolean floats = image.getRaster().getDataBuffer().getDataType() >= DataBuffer.TYPE_INT && raw;
    int bytes =
        floats || decoded.gamma() > 0
            ? Float.BYTES
            : bits(image) > 8 && raw || toSrgb.isPresent() ? Short.BYTES : Byte.BYTES;
    return PixelStore.ofRows(width, image.getHeight(), bytes, ROWS_AT_ONCE, this::fill);
  }

  private void fill(PixelStore.Part part, int top, int rows) {
    if (part instanceof PixelStore.Bytes(byte[] to) && plainBytes()) {
      copy(to, top, rows);
      return;
    }
    float[] alpha = new float[width * rows];
    float[] straight = raw ? stored(top, rows, alpha) : eightBit(top, rows, alpha);
    float[] rgb = toSrgb.isPresent() ? converted(straight, rows, toSrgb.get()) : spread(straight);
    if (decoded.gamma() > 0) {
      encode(rgb);
    }
    for (int i = 0; i < alpha.length; i++) {
      for (int c = 0; c < 3; c++) {
        part.set(4 * i + c, rgb[3 * i + c], alpha[i]);
      }
      part.set(4 * i + 3, alpha[i], alpha[i]);
    }
  }

  /** Whether the samples are what is kept, as most photographs' are. */
  private boolean plainBytes() {
    boolean eight = true;
    for (int size : model.getComponentSize()) {
      eight &= size == Byte.SIZE;
    }
    return eight
        && raw
        && model.getTransferType() == DataBuffer.TYPE_BYTE
        && !decoded.premultiplied()
        && decoded.clear().length == 0
        && decoded.gamma() == 0;
  }

  private void copy(byte[] to, int top, int rows) {
    Raster raster = image.getRaster();
    int bands = raster.getNumBands();
    byte[] row = new byte[width * bands];
    for (int y = top, at = 0; y < top + rows; y++) {
      raster.getDataElements(raster.getMinX(), raster.getMinY() + y, width, 1, row);
      for (int from = 0; from < row.length; from += bands, at += 4) {
        for (int c = 0; c < 3; c++) {
          to[at + c] = row[from + (colours == 3 ? c : 0)];
        }
        to[at + 3] = bands > colours ? row[from + colours] : -1; // All bits: solid.
      }
    }
  }

  /** Straight colours as stored, 0–1, as many for each pixel as the picture has. */
  private float[] stored(int top, int rows, float[] alpha) {
    Raster raster = image.getRaster();
    int bands = raster.getNumBands();
    boolean floats =
        raster.getDataBuffer().getDataType() == DataBuffer.TYPE_FLOAT
            || raster.getDataBuffer().getDataType() == DataBuffer.TYPE_DOUBLE;
    float[] values =
        raster.getPixels(raster.getMinX(), raster.getMinY() + top, width, rows, (float[]) null);
    float[] straight = new float[colours * alpha.length];
    for (int i = 0; i < alpha.length; i++) {
      alpha[i] = bands > colours ? share(values[i * bands + colours], colours, floats) : 1;
      boolean clear = decoded.clear().length == colours;
      for (int c = 0; c < colours; c++) {
        float value = values[i * bands + c];
        clear &= decoded.clear().length == colours && value == decoded.clear()[c];
        float colour = share(value, c, floats);
        if (decoded.premultiplied() && alpha[i] > 0) {
          colour = Math.min(1, colour / alpha[i]);
        }
        straight[i * colours + c] = colour;
      }
      if (clear) {
        alpha[i] = 0;
      }
    }
    return straight;
  }

  private float share(float value, int band, boolean floats) {
    int size = model.getComponentSize(band);
    float most = floats ? 1 : (float) ((1L << size) - 1);
    boolean wrapped = !floats && size == Integer.SIZE && value < 0; // Read as with a sign.
    return Math.clamp((wrapped ? value + most : value) / most, 0f, 1f);
  }

  private float[] eightBit(int top, int rows, float[] alpha) {
    int[] packed = image.getRGB(0, top, width, rows, null, 0, width);
    float[] straight = new float[3 * packed.length];
    for (int i = 0; i < packed.length; i++) {
      alpha[i] = (packed[i] >>> 24) / 255f;
      for (int c = 0; c < 3; c++) {
        straight[3 * i + c] = (packed[i] >> 16 - 8 * c & 0xff) / 255f;
      }
    }
    return straight;
  }

  /** Greys as red, green and blue. */
  private float[] spread(float[] straight) {
    if (colours == 3) {
      return straight;
    }
    float[] rgb = new float[straight.length / colours * 3];
    for (int i = 0; i < rgb.length; i++) {
      rgb[i] = straight[i / 3 * colours];
    }
    return rgb;
  }

  private float[] converted(float[] straight, int rows, ColorConvertOp convert) {
    WritableRaster from =
        Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, width, rows, colours, null);
    WritableRaster to =
        Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, width, rows, 3, null);
    int[] values = new int[straight.length];
    for (int i = 0; i < values.length; i++) {
      values[i] = Math.round(straight[i] * MOST);
    }
    from.setPixels(0, 0, width, rows, values);
    convert.filter(from, to);
    int[] result = to.getPixels(0, 0, width, rows, (int[]) null);
    float[] rgb = new float[result.length];
    for (int i = 0; i < rgb.length; i++) {
      rgb[i] = result[i] / (float) MOST;
    }
    return rgb;
  }

  /** From a power of light to sRGB's encoding (IEC 61966-2-1). */
  private void encode(float[] rgb) {
    for (int i = 0; i < rgb.length; i++) {
      double light = Math.pow(rgb[i], 1 / decoded.gamma());
      rgb[i] =
          (float) (light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055);
    }
  }
}
