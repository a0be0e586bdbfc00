package app.diaphan.core.type;

import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import java.awt.font.LineBreakMeasurer;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Sets words into outlines. Lines are laid out by the JDK (kerning, ligatures, joining scripts,
 * mixed directions) at one large size and scaled from there, so that a text has the same shape at
 * every frame size. A character that the chosen font lacks is taken from the first font on the
 * shelf that has it; one that none has is drawn as the font's empty box and reported.
 */
public final class TextSetter {
  private static final int REMEMBERED = 256;
  private static final double NOTHING_OVER = 1e-6;

  private final FontShelf shelf;
  private final Map<Request, SetText> remembered =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Request, SetText> eldest) {
          return size() > REMEMBERED;
        }
      };

  private record Request(List<Run> runs, TextSetting setting, TextBox box) {}

  /**
   * Lines where they lie, in layout units before narrowing.
   *
   * @param toBox from layout units to display units in the box
   */
  private record Laid(
      StyledWords words,
      List<Line> lines,
      List<Double> baselines,
      List<Double> lefts,
      AffineTransform toBox,
      double width,
      double height,
      SetText.Fitted fitted) {

    AffineTransform lineToBox(int line) {
      AffineTransform transform = new AffineTransform(toBox);
      transform.translate(lefts.get(line) - lines.get(line).left(), baselines.get(line));
      return transform;
    }
  }

  public TextSetter(FontShelf shelf) {
    this.shelf = shelf;
  }

  /** What words are set in. */
  public FontShelf fonts() {
    return shelf;
  }

  /** The family that words are shown in when theirs is not on the shelf. */
  public String standIn() {
    return shelf.standIn().name();
  }

  /** Sets a text at its size in display units. */
  public SetText set(TextPiece text) {
    Request request = new Request(text.runs(), text.setting(), text.box());
    synchronized (remembered) {
      SetText known = remembered.get(request);
      if (known != null) {
        return known;
      }
    }
    SetText made = outlined(layOut(request));
    synchronized (remembered) {
      remembered.put(request, made);
    }
    return made;
  }

  /**
   * Where a caret stands before each character and behind the last one.
   *
   * @return for each place in the words its distance from the box's left side and those of the
   *     caret's top and foot from the box's top, three values a place
   */
  public double[] carets(TextPiece text) {
    Laid laid = layOut(new Request(text.runs(), text.setting(), text.box()));
    double[] carets = new double[3 * (laid.words().words().length() + 1)];
    for (int i = 0; i < laid.lines().size(); i++) {
      Line line = laid.lines().get(i);
      AffineTransform toBox = laid.lineToBox(i);
      for (int index = line.start(); index <= line.end(); index++) {
        double x = line.caret(index);
        double[] ends = {x, -line.heights().ascent(), x, line.heights().descent()};
        toBox.transform(ends, 0, ends, 0, 2);
        carets[3 * index] = ends[0];
        carets[3 * index + 1] = ends[1];
        carets[3 * index + 2] = ends[3];
      }
    }
    return carets;
  }

  private static SetText outlined(Laid laid) {
    Path2D.Double outline = new Path2D.Double(Path2D.WIND_NON_ZERO);
    List<SetText.Inked> inked = new ArrayList<>();
    List<Double> baselines = new ArrayList<>();
    for (int i = 0; i < laid.lines().size(); i++) {
      Line line = laid.lines().get(i);
      AffineTransform toBox = laid.lineToBox(i);
      outline.append(line.outline().getPathIterator(toBox), false);
      for (StyledWords.InkedRange range : laid.words().inked()) {
        Path2D part = line.outline(range.start(), range.end());
        part.transform(toBox);
        inked.add(new SetText.Inked(part, range.colour()));
      }
      baselines.add(toBox.getTranslateY());
    }
    return new SetText(
        outline,
        List.copyOf(inked),
        laid.width(),
        laid.height(),
        List.copyOf(baselines),
        laid.fitted(),
        List.copyOf(laid.words().missing()),
        List.copyOf(laid.words().unknownFamilies()),
        List.copyOf(laid.words().ownFonts()));
  }

  private Laid layOut(Request request) {
    StyledWords words = new StyledWords(request.runs(), request.setting(), shelf);
    double wrapAt =
        request.box() instanceof TextBox.Given(double width, _, _, TextBox.Fit.Wrap _)
            ? width / words.scale()
            : Double.POSITIVE_INFINITY;
    List<Line> lines = lines(words, wrapAt, request.setting().hanging());
    List<Double> baselines = new ArrayList<>();
    double widest = 0;
    double baseline = lines.getFirst().heights().ascent();
    for (Line line : lines) {
      if (!baselines.isEmpty()) {
        baseline += request.setting().leading() * line.heights().size();
      }
      baselines.add(baseline);
      widest = Math.max(widest, line.width());
    }
    double height = baseline + lines.getLast().heights().descent();
    double scale = words.scale();
    return switch (request.box()) {
      case TextBox.Free() ->
          laid(
              words,
              lines,
              baselines,
              request.setting(),
              new Room(widest, 0, scale, scale),
              widest * scale,
              height * scale,
              SetText.Fitted.AS_SET);
      case TextBox.Given given -> {
        SetText.Fitted fitted = fitted(given, widest * scale, height * scale, lines.size());
        double down = scale * fitted.size();
        double across = down * fitted.narrowed();
        double spare = given.height() - height * down;
        yield laid(
            words,
            lines,
            baselines,
            request.setting(),
            new Room(given.width() / across, spare * given.upright().share(), across, down),
            given.width(),
            given.height(),
            fitted);
      }
    };
  }

  /**
   * The room that lines are aligned in.
   *
   * @param width in layout units
   * @param top in display units
   */
  private record Room(double width, double top, double scaleX, double scaleY) {}

  private static Laid laid(
      StyledWords words,
      List<Line> lines,
      List<Double> baselines,
      TextSetting setting,
      Room room,
      double width,
      double height,
      SetText.Fitted fitted) {
    double share = setting.alignment().share();
    List<Double> lefts = lines.stream().map(line -> (room.width() - line.width()) * share).toList();
    AffineTransform toBox = AffineTransform.getTranslateInstance(0, room.top());
    toBox.scale(room.scaleX(), room.scaleY());
    return new Laid(words, lines, baselines, lefts, toBox, width, height, fitted);
  }

  private static SetText.Fitted fitted(TextBox.Given box, double width, double height, int lines) {
    double size =
        box.fit() instanceof TextBox.Fit.Shrink(double floor)
            ? share(floor, Math.min(box.width() / width, box.height() / height))
            : 1;
    double narrowed =
        box.fit() instanceof TextBox.Fit.Condense(double floor)
            ? share(floor, box.width() / width)
            : 1;
    double over = Math.max(width * size * narrowed - box.width(), height * size - box.height());
    if (box.fit() instanceof TextBox.Fit.Wrap wrap && !wrap.allows(lines)) {
      over = Math.max(over, height / lines * (lines - wrap.lines()));
    }
    int wrapped = box.fit() instanceof TextBox.Fit.Wrap ? lines : 0;
    return new SetText.Fitted(size, narrowed, wrapped, over > NOTHING_OVER ? over : 0);
  }

  private static double share(double floor, double wanted) {
    return Math.max(floor, Math.min(1, wanted));
  }

  private static List<Line> lines(StyledWords words, double wrapAt, boolean hanging) {
    List<Line> lines = new ArrayList<>();
    int start = 0;
    for (String paragraph : words.words().split("\n", -1)) {
      int end = start + paragraph.length();
      if (paragraph.isEmpty()) {
        lines.add(new Line(words, start, end, Optional.empty(), false, hanging));
      } else if (Double.isInfinite(wrapAt)) {
        TextLayout layout =
            new TextLayout(words.attributed(start, end).getIterator(), StyledWords.CONTEXT);
        lines.add(new Line(words, start, end, Optional.of(layout), false, hanging));
      } else {
        addBroken(lines, words, start, end, wrapAt, hanging);
      }
      start = end + 1;
    }
    return lines;
  }

  /** Lines are broken between words only; a word that is too long sticks out. */
  private static void addBroken(
      List<Line> lines, StyledWords words, int start, int end, double wrapAt, boolean hanging) {
    BreakIterator breaks = BreakIterator.getLineInstance(Locale.ROOT);
    LineBreakMeasurer measurer =
        new LineBreakMeasurer(
            words.attributed(start, end).getIterator(), breaks, StyledWords.CONTEXT);
    BreakIterator wordEnds = BreakIterator.getLineInstance(Locale.ROOT);
    wordEnds.setText(words.words().substring(start, end));
    while (measurer.getPosition() < end - start) {
      int from = measurer.getPosition();
      TextLayout layout = measurer.nextLayout((float) wrapAt, end - start, true);
      if (layout == null) {
        int next = wordEnds.following(from);
        layout = measurer.nextLayout(Float.MAX_VALUE, next, false);
      }
      int to = measurer.getPosition();
      lines.add(
          new Line(
              words, start + from, start + to, Optional.of(layout), to < end - start, hanging));
    }
  }
}
