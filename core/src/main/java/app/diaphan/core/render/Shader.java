package app.diaphan.core.render;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;

/** Gives the colours of a row of pixels, premultiplied floats 0–1. */
interface Shader {

  /** Writes {@code count} colours of row {@code y} from column {@code left} on. */
  void row(int y, int left, int count, float[] rgba);

  /** Bytes of pixels that it alone holds. */
  default long bytes() {
    return 0;
  }

  /** The same colour everywhere. */
  record Flat(float red, float green, float blue, float alpha) implements Shader {
    static Flat of(Colour colour) {
      float alpha = colour.alpha() / 255f;
      return new Flat(
          colour.red() / 255f * alpha,
          colour.green() / 255f * alpha,
          colour.blue() / 255f * alpha,
          alpha);
    }

    @Override
    public void row(int y, int left, int count, float[] rgba) {
      for (int i = 0; i < 4 * count; i += 4) {
        rgba[i] = red;
        rgba[i + 1] = green;
        rgba[i + 2] = blue;
        rgba[i + 3] = alpha;
      }
    }
  }

  /** A picture under its transform. */
  record Sampled(PictureSampler sampler) implements Shader {
    @Override
    public void row(int y, int left, int count, float[] rgba) {
      for (int i = 0; i < count; i++) {
        sampler.sample(left + i, y, rgba, 4 * i);
      }
    }
  }

  /**
   * Colours written down beforehand.
   *
   * @param rgba four values for each pixel of the bounds, row by row
   */
  record Kept(Bounds bounds, float[] rgba) implements Shader {
    static Kept of(Shader shader, Bounds bounds) {
      int stride = 4 * bounds.width();
      float[] all = new float[stride * bounds.height()];
      Bands.over(
          bounds.top(),
          bounds.bottom(),
          bounds.width(),
          (top, bottom) -> {
            float[] row = new float[stride];
            for (int y = top; y < bottom; y++) {
              shader.row(y, bounds.left(), bounds.width(), row);
              System.arraycopy(row, 0, all, (y - bounds.top()) * stride, stride);
            }
          });
      return new Kept(bounds, all);
    }

    @Override
    public long bytes() {
      return (long) Float.BYTES * rgba.length;
    }

    /** Only for pixels within the bounds. */
    @Override
    public void row(int y, int left, int count, float[] to) {
      int from = 4 * ((y - bounds.top()) * bounds.width() + left - bounds.left());
      System.arraycopy(rgba, from, to, 0, 4 * count);
    }
  }

  /** The colours of a shader made solid, for what is covered by as much as they are. */
  record Solid(Shader thin) implements Shader {
    @Override
    public long bytes() {
      return thin.bytes();
    }

    @Override
    public void row(int y, int left, int count, float[] rgba) {
      thin.row(y, left, count, rgba);
      for (int i = 0; i < 4 * count; i += 4) {
        float alpha = rgba[i + 3];
        if (alpha > 0) {
          rgba[i] /= alpha;
          rgba[i + 1] /= alpha;
          rgba[i + 2] /= alpha;
          rgba[i + 3] = 1;
        }
      }
    }
  }

  /**
   * A part in a colour of its own, such as letters among others: each pixel takes as much of it as
   * the part has of what covers it.
   *
   * @param part coverage of the part
   * @param all coverage of the whole
   */
  record Inked(Shader others, Plane part, Plane all, Flat ink) implements Shader {
    @Override
    public long bytes() {
      return others.bytes() + (long) Float.BYTES * part.values().length;
    }

    @Override
    public void row(int y, int left, int count, float[] rgba) {
      others.row(y, left, count, rgba);
      Bounds bounds = part.bounds();
      if (y < bounds.top() || y >= bounds.bottom()) {
        return;
      }
      int from = Math.max(left, bounds.left());
      int to = Math.min(left + count, bounds.right());
      for (int x = from; x < to; x++) {
        float own = part.at(x, y);
        if (own > 0) {
          float share = Math.min(1, own / Math.max(own, all.at(x, y)));
          int at = 4 * (x - left);
          rgba[at] += share * (ink.red - rgba[at]);
          rgba[at + 1] += share * (ink.green - rgba[at + 1]);
          rgba[at + 2] += share * (ink.blue - rgba[at + 2]);
          rgba[at + 3] += share * (ink.alpha - rgba[at + 3]);
        }
      }
    }
  }

  /**
   * Mixes two colours by how much of a pattern's tile is inked.
   *
   * @param tile that the shader of its amounts reads
   */
  record TwoColours(Shader amount, RasterPicture tile, Flat ink, Flat ground) implements Shader {
    @Override
    public long bytes() {
      return tile.bytes();
    }

    @Override
    public void row(int y, int left, int count, float[] rgba) {
      amount.row(y, left, count, rgba);
      for (int i = 0; i < 4 * count; i += 4) {
        float share = rgba[i + 3];
        rgba[i] = ground.red + share * (ink.red - ground.red);
        rgba[i + 1] = ground.green + share * (ink.green - ground.green);
        rgba[i + 2] = ground.blue + share * (ink.blue - ground.blue);
        rgba[i + 3] = ground.alpha + share * (ink.alpha - ground.alpha);
      }
    }
  }

  /** A shader that is clear outside a coverage. */
  record Within(Shader shader, Plane coverage) implements Shader {
    @Override
    public long bytes() {
      return shader.bytes() + (long) Float.BYTES * coverage.values().length;
    }

    @Override
    public void row(int y, int left, int count, float[] rgba) {
      shader.row(y, left, count, rgba);
      for (int i = 0; i < count; i++) {
        float share = coverage.at(left + i, y);
        for (int c = 4 * i; c < 4 * i + 4; c++) {
          rgba[c] *= share;
        }
      }
    }
  }
}
