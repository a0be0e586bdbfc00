package app.diaphan.core.frame;

import static app.diaphan.core.frame.Scan.INTERLACED;
import static app.diaphan.core.frame.Scan.PROGRESSIVE;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Every frame Diaphan knows by name; a designer's own sizes come beside it. */
public final class FrameCatalogue {
  private static final PixelAspect SQUARE = PixelAspect.SQUARE;
  private static final SafeAreas EBU = SafeAreas.EBU_R95;
  private static final SafeAreas SMPTE = SafeAreas.ST_2046_1;
  private static final SafeAreas OLDER = SafeAreas.NINETY_EIGHTY;
  private static final SafeAreas OWN = SafeAreas.own(4, 6);

  private static final List<FrameRate> NTSC = List.of(new FrameRate(30000, 1001));
  private static final List<FrameRate> PAL = List.of(new FrameRate(25, 1));
  private static final List<FrameRate> HD =
      List.of(
          new FrameRate(24000, 1001),
          new FrameRate(24, 1),
          new FrameRate(25, 1),
          new FrameRate(30000, 1001),
          new FrameRate(50, 1),
          new FrameRate(60000, 1001));
  private static final List<FrameRate> CINEMA =
      List.of(
          new FrameRate(24, 1),
          new FrameRate(25, 1),
          new FrameRate(30, 1),
          new FrameRate(48, 1),
          new FrameRate(50, 1),
          new FrameRate(60, 1));
  private static final List<FrameRate> ONLINE =
      List.of(new FrameRate(25, 1), new FrameRate(30, 1), new FrameRate(60, 1));

  private static final String STANDARD = "Standard definition";
  private static final String HIGH = "High definition";
  private static final String ULTRA = "Ultra high definition and cinema";
  private static final String UPRIGHT = "Upright and square";

  private static final List<FrameChoice> CHOICES =
      List.of(
          entry(HIGH, "HD 1080", 1920, 1080, SQUARE, PROGRESSIVE, EBU, HD),
          entry(HIGH, "HD 1080 interlaced", 1920, 1080, SQUARE, INTERLACED, EBU, HD),
          entry(HIGH, "HD 720", 1280, 720, SQUARE, PROGRESSIVE, EBU, HD),
          entry(HIGH, "HD 1080 stretched", 1440, 1080, of(4, 3), INTERLACED, EBU, HD),
          entry(HIGH, "HD 720 stretched", 960, 720, of(4, 3), PROGRESSIVE, EBU, HD),
          entry(HIGH, "QHD 1440", 2560, 1440, SQUARE, PROGRESSIVE, SMPTE, ONLINE),
          entry(ULTRA, "UHD 2160", 3840, 2160, SQUARE, PROGRESSIVE, SMPTE, HD),
          entry(ULTRA, "UHD 4320", 7680, 4320, SQUARE, PROGRESSIVE, SMPTE, HD),
          entry(ULTRA, "Cinema 2K", 2048, 1080, SQUARE, PROGRESSIVE, SMPTE, CINEMA),
          entry(ULTRA, "Cinema 4K", 4096, 2160, SQUARE, PROGRESSIVE, SMPTE, CINEMA),
          entry(STANDARD, "480 lines, 4:3", 720, 480, of(10, 11), INTERLACED, OLDER, NTSC),
          entry(STANDARD, "480 lines, 16:9", 720, 480, of(40, 33), INTERLACED, EBU, NTSC),
          entry(STANDARD, "576 lines, 4:3", 720, 576, of(12, 11), INTERLACED, OLDER, PAL),
          entry(STANDARD, "576 lines, 16:9", 720, 576, of(16, 11), INTERLACED, EBU, PAL),
          entry(UPRIGHT, "Upright 9:16", 1080, 1920, SQUARE, PROGRESSIVE, OWN, ONLINE),
          entry(UPRIGHT, "Upright 4:5", 1080, 1350, SQUARE, PROGRESSIVE, OWN, ONLINE),
          entry(UPRIGHT, "Square", 1080, 1080, SQUARE, PROGRESSIVE, OWN, ONLINE),
          entry(UPRIGHT, "Channel mark", 800, 800, SQUARE, PROGRESSIVE, OWN, ONLINE));

  private FrameCatalogue() {}

  public static List<FrameChoice> choices() {
    return CHOICES;
  }

  /** Every rate that some frame has, the slowest first. */
  public static List<FrameRate> rates() {
    return CHOICES.stream()
        .flatMap(choice -> choice.rates().stream())
        .distinct()
        .sorted(Comparator.comparingDouble(FrameRate::value))
        .toList();
  }

  /** The first entry with this many stored pixels, so that "1920x1080" means the usual one. */
  public static Optional<Frame> bySize(int width, int height) {
    return CHOICES.stream()
        .map(FrameChoice::frame)
        .filter(frame -> frame.width() == width && frame.height() == height)
        .findFirst();
  }

  private static PixelAspect of(int across, int up) {
    return new PixelAspect(across, up);
  }

  private static FrameChoice entry(
      String group,
      String name,
      int width,
      int height,
      PixelAspect aspect,
      Scan scan,
      SafeAreas areas,
      List<FrameRate> rates) {
    return new FrameChoice(
        group, name, Frame.of(width, height, aspect, scan, areas, OwnMargin.NONE), rates);
  }
}
