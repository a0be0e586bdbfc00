package app.diaphan.core.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.check.EdgeContrast;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.deliver.DiskTrouble;
import app.diaphan.core.memory.RecentMemory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.photograph.file.PhotographFormat;
import app.diaphan.core.photograph.file.PhotographWriter;
import app.diaphan.core.photograph.file.Photographs;
import app.diaphan.core.photograph.metadata.Credit;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Renderer;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;

/** Puts one mark on photographs: decides where and in which dress, and writes the files. */
public final class PhotographMarker {
  /** For the pictures of the mark: photographs of a camera have few sizes. */
  public static final long MEMORY_BYTES = 48L << 20;

  /** How long the mark is where its dress is judged, in pixels. */
  private static final double JUDGED_AT = 300;

  private final Renderer renderer;
  private final Dresses dresses;
  private final Remembered<Drawn, MarkPicture> pictures;
  private final AtomicReference<MarkDress> drawnDress = new AtomicReference<>();

  /** What decides a picture of the mark. */
  private record Drawn(boolean own, double longerSide) {}

  /** A place for it, with what it would be there. */
  private record Candidate(PinPoint pin, MarkDress dress, MarkPicture picture, Bounds place) {
    /** What is looked at of the photograph. */
    Bounds around(Bounds photograph) {
      return place.grown(EdgeContrast.BESIDE, EdgeContrast.BESIDE).within(photograph);
    }
  }

  public PhotographMarker(Renderer renderer, Dresses dresses) {
    this.renderer = renderer;
    this.dresses = dresses;
    pictures =
        new RecentMemory(MEMORY_BYTES)
            .kind(key -> 64, picture -> Float.BYTES * (long) picture.pixels().length);
  }

  /** The mark as it is put on a photograph of this size, with its opacity. */
  public MarkPicture picture(MarkDress dress, Marking marking, int width, int height) {
    return picture(dress, longerSide(marking, width, height)).thinned(marking.opacity());
  }

  /** The mark so large, as solid as it is drawn. */
  public MarkPicture picture(MarkDress dress, double longerSide) {
    MarkPicture own = own(longerSide);
    return drawnDress() == dress ? own : other(longerSide);
  }

  private static double longerSide(Marking marking, int width, int height) {
    return Math.max(1, marking.size().on(width, height));
  }

  /** That of the overlay as it is drawn; the same at every size. */
  private MarkDress drawnDress() {
    return drawnDress.updateAndGet(
        known ->
            known == null ? MarkPicture.of(renderer, dresses.overlay(), JUDGED_AT).dress() : known);
  }

  private MarkPicture own(double longerSide) {
    return pictures.of(
        new Drawn(true, longerSide), () -> MarkPicture.of(renderer, dresses.overlay(), longerSide));
  }

  private MarkPicture other(double longerSide) {
    return pictures.of(
        new Drawn(false, longerSide),
        () ->
            dresses
                .other()
                .map(overlay -> MarkPicture.of(renderer, overlay, longerSide))
                .orElseGet(() -> own(longerSide).exchanged()));
  }

  /**
   * Decides where the mark hangs and in which dress, by how it stands out there.
   *
   * @throws InvalidInput if the photograph has no room for it
   */
  public Hung hang(Upright photograph, Marking marking) {
    List<Candidate> candidates = candidates(photograph, marking);
    List<float[]> beneath =
        photograph.parts(candidates.stream().map(one -> one.around(photograph.bounds())).toList());
    Hung best = null;
    for (int i = 0; i < candidates.size(); i++) {
      Candidate candidate = candidates.get(i);
      Bounds place = candidate.place();
      Bounds around = candidate.around(photograph.bounds());
      double contrast =
          candidate
              .picture()
              .contrast(
                  beneath.get(i),
                  new Bounds(
                      around.left() - place.left(),
                      around.top() - place.top(),
                      around.right() - place.left(),
                      around.bottom() - place.top()));
      if (best == null || contrast > best.contrast()) {
        best = new Hung(candidate.pin(), candidate.dress(), place, contrast);
      }
    }
    return best;
  }

  private List<Candidate> candidates(Upright photograph, Marking marking) {
    int width = photograph.width();
    int height = photograph.height();
    MarkDress own = drawnDress();
    List<Candidate> candidates = new ArrayList<>();
    for (PinPoint pin : marking.corner().allowed()) {
      for (MarkDress dress : marking.dress().of(own)) {
        MarkPicture picture = picture(dress, marking, width, height);
        candidates.add(
            new Candidate(pin, dress, picture, place(pin, marking, width, height, picture)));
      }
    }
    return candidates;
  }

  private static Bounds place(
      PinPoint pin, Marking marking, int width, int height, MarkPicture mark) {
    int free = (int) Math.rint(marking.margin().on(width, height));
    int left = free + (int) Math.rint(pin.across() * (width - 2 * free - mark.width()));
    int top = free + (int) Math.rint(pin.down() * (height - 2 * free - mark.height()));
    Bounds place = new Bounds(left, top, left + mark.width(), top + mark.height());
    if (left < 0 || top < 0 || place.right() > width || place.bottom() > height) {
      throw new InvalidInput(
          Sentence.of(
              "The photograph has %d × %d pixels, and the mark has %d × %d; make the mark smaller, or leave the photograph out.",
              width, height, mark.width(), mark.height()));
    }
    return place;
  }

  /**
   * Marks one photograph of a plan.
   *
   * @param format that of the photograph if there is none
   * @throws InvalidInput if it cannot be marked, with why
   * @throws DeliveryFailed if the file could not be written
   */
  public MarkedPhotograph mark(
      MarkPlan.Planned planned, Marking marking, Credit credit, Optional<PhotographFormat> format) {
    planned
        .problem()
        .ifPresent(
            problem -> {
              throw new InvalidInput(problem);
            });
    try {
      Upright photograph = new Upright(Photographs.open(planned.from()));
      Hung hung = hang(photograph, marking);
      PhotographFormat result = format.orElse(photograph.photograph().format().result());
      List<String> notes = write(photograph, marking, hung, credit, result, planned.to());
      return new MarkedPhotograph(
          planned.from(),
          planned.to(),
          result,
          photograph.width(),
          photograph.height(),
          hung,
          notes);
    } catch (IOException e) {
      throw new DeliveryFailed(
          Sentence.of(
              "\"%s\" could not be written to %s: %s. Nothing was left half-written; make room or choose another folder and mark it again.",
              planned.to().getFileName(), planned.to().getParent(), DiskTrouble.reason(e)),
          e);
    }
  }

  /**
   * Writes a photograph with the mark on it.
   *
   * @return what is otherwise than in the photograph's file but for the mark, in sentences
   */
  public List<String> write(
      Upright photograph,
      Marking marking,
      Hung hung,
      Credit credit,
      PhotographFormat format,
      Path to)
      throws IOException {
    MarkPicture picture = picture(hung.dress(), marking, photograph.width(), photograph.height());
    return PhotographWriter.write(
        photograph.photograph(),
        new PhotographWriter.Laid(
            photograph.stored(hung.place()), picture.stored(photograph.orientation())),
        credit,
        format,
        to);
  }
}
