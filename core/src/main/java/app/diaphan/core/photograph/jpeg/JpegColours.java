package app.diaphan.core.photograph.jpeg;

import java.nio.charset.StandardCharsets;
import java.util.List;

/** What the components of a JPEG file are of. */
public enum JpegColours {
  GREY,
  /** Brightness, and blue and red less it (ITU-T T.871, section 7). */
  BRIGHTNESS_AND_DIFFERENCES,
  RED_GREEN_BLUE;

  private static final byte[] ADOBE = "Adobe".getBytes(StandardCharsets.US_ASCII);
  private static final byte[] JFIF = "JFIF\0".getBytes(StandardCharsets.US_ASCII);
  private static final int ADOBE_SEGMENT = Segment.APPLICATION + 14;

  /** Where the segment tells it (ITU-T T.872, section 6.5.3). */
  private static final int TRANSFORM = 11;

  /**
   * @throws NotByBlocks if they are print's or not told
   */
  static JpegColours of(JpegFrame frame, List<Segment> segments) throws NotByBlocks {
    List<JpegFrame.Component> components = frame.components();
    if (components.size() == 1) {
      return GREY;
    }
    if (components.size() != 3) {
      throw new NotByBlocks("it has the colours of print");
    }
    for (Segment segment : segments) {
      if (segment.marker() == Segment.APPLICATION && segment.begins(JFIF)) {
        return BRIGHTNESS_AND_DIFFERENCES;
      }
      if (segment.marker() == ADOBE_SEGMENT && segment.begins(ADOBE)) {
        return segment.at(TRANSFORM) == 0 ? RED_GREEN_BLUE : BRIGHTNESS_AND_DIFFERENCES;
      }
    }
    boolean named =
        components.get(0).id() == 'R'
            && components.get(1).id() == 'G'
            && components.get(2).id() == 'B';
    return named ? RED_GREEN_BLUE : BRIGHTNESS_AND_DIFFERENCES;
  }

  /**
   * One component of a colour, as what lies over a sample is mixed in.
   *
   * @param red premultiplied, 0–1; green and blue likewise
   * @return 0–255 for each of the three, differences about 0
   */
  double component(int component, double red, double green, double blue) {
    return 255
        * switch (this) {
          case GREY -> brightness(red, green, blue);
          case RED_GREEN_BLUE -> component == 0 ? red : component == 1 ? green : blue;
          case BRIGHTNESS_AND_DIFFERENCES ->
              switch (component) {
                case 0 -> brightness(red, green, blue);
                case 1 -> (blue - brightness(red, green, blue)) / 1.772;
                default -> (red - brightness(red, green, blue)) / 1.402;
              };
        };
  }

  /**
   * The other way round.
   *
   * @param components about 0, a plane for each
   * @param from the place in them
   * @param to takes grey, or red, green and blue, 0–1
   */
  void colour(float[][] components, int from, float[] to, int at) {
    float first = components[0][from] + 128;
    switch (this) {
      case GREY -> to[at] = share(first);
      case RED_GREEN_BLUE -> {
        for (int c = 0; c < 3; c++) {
          to[at + c] = share(components[c][from] + 128);
        }
      }
      case BRIGHTNESS_AND_DIFFERENCES -> {
        float blue = components[1][from];
        float red = components[2][from];
        to[at] = share(first + 1.402f * red);
        to[at + 1] = share(first - 0.344136f * blue - 0.714136f * red);
        to[at + 2] = share(first + 1.772f * blue);
      }
    }
  }

  private static float share(float sample) {
    return Math.clamp(sample / 255, 0f, 1f);
  }

  /** What stands for 0 in a component's samples, which are coded about 0. */
  double zero(int component) {
    return this == BRIGHTNESS_AND_DIFFERENCES && component > 0 ? 0 : -128;
  }

  private static double brightness(double red, double green, double blue) {
    return 0.299 * red + 0.587 * green + 0.114 * blue;
  }
}
