package app.diaphan.core.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.file.Extent;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.file.FilePart;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.DrawingTrouble;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Writes overlays to files. A file exists only once it was read back equal to the render. */
public final class Deliverer {
  private static final int ROWS_AT_ONCE = 64;

  private final Renderer renderer;
  private final Function<Sidecar, String> sidecarText;

  /**
   * @param sidecarText how a sidecar is written
   */
  public Deliverer(Renderer renderer, Function<Sidecar, String> sidecarText) {
    this.renderer = renderer;
    this.sidecarText = sidecarText;
  }

  /**
   * Writes all files of a target; they get their names together once each was read back.
   *
   * @param name of the file, without its extension and without what the target adds to it
   * @throws InvalidInput if the name or the overlay cannot be delivered as they are
   * @throws DeliveryFailed if a file could not be written or was not read back equal
   */
  public List<Delivered> deliver(
      Overlay overlay, Target target, Path folder, String name, Progress progress) {
    FileName.check(name);
    Rendering rendering = renderer.render(overlay, Canvas.of(target.frame()));
    for (DrawingTrouble trouble : rendering.troubles()) {
      if (trouble.prevents()) {
        throw new InvalidInput(
            Sentence.of("\"%s\" was not delivered. %s", overlay.name(), trouble.sentence()));
      }
    }
    Bounds extent =
        extent(rendering, target)
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "\"%s\" draws nothing on this frame, so there is nothing to trim to. Deliver the whole frame or show a piece.",
                            overlay.name())));
    List<FilePart> parts = FilePart.of(target.file().carried());
    Optional<Path> sideFile =
        target.file().sidecar() ? Optional.of(folder.resolve(name + ".json")) : Optional.empty();
    List<Delivered> delivered = new ArrayList<>();
    Deque<SafeFile> written = new ArrayDeque<>();
    try {
      for (FilePart part : parts) {
        Path file = folder.resolve(name + part.suffix() + "." + target.file().format().extension());
        long before = delivered.size();
        Progress whole = (done, all) -> progress.at(before * all + done, parts.size() * all);
        CheckedWriting writing =
            new CheckedWriting(
                SampleRows.of(rendering, extent, target.file(), part), target, extent, whole);
        written.add(SafeFile.written(file, writing::to, writing::check));
        delivered.add(
            new Delivered(
                file,
                target,
                extent.left(),
                extent.top(),
                writing.report(),
                sideFile,
                rendering.troubles()));
      }
      if (sideFile.isPresent()) {
        written.add(sidecar(sideFile.get(), overlay, delivered));
      }
      for (SafeFile file : written) {
        file.giveName();
      }
    } catch (IOException e) {
      throw new DeliveryFailed(
          Sentence.of(
              "\"%s\" could not be written to %s: %s. Nothing was left half-written; make room or choose another folder and deliver again.",
              name, folder, DiskTrouble.reason(e)),
          e);
    } finally {
      written.forEach(Deliverer::close);
    }
    return List.copyOf(delivered);
  }

  private SafeFile sidecar(Path file, Overlay overlay, List<Delivered> delivered)
      throws IOException {
    byte[] text =
        sidecarText.apply(Sidecar.of(overlay, delivered)).getBytes(StandardCharsets.UTF_8);
    return SafeFile.written(
        file, channel -> PngWriter.writeFully(channel, ByteBuffer.wrap(text)), unnamed -> {});
  }

  private static void close(SafeFile file) {
    try {
      file.close();
    } catch (IOException e) {
      // What is left is taken away when the folder is next looked at.
    }
  }

  /**
   * The part of the frame that a target's file would hold.
   *
   * @return nothing for a trimmed file of an overlay that draws nothing
   */
  public Optional<Bounds> extent(Overlay overlay, Target target) {
    return extent(renderer.render(overlay, Canvas.of(target.frame())), target);
  }

  private static Optional<Bounds> extent(Rendering rendering, Target target) {
    Bounds whole = rendering.canvas().bounds();
    return switch (target.file().extent()) {
      case Extent.WholeFrame all -> Optional.of(whole);
      case Extent.TrimmedExtent trimmed ->
          drawn(rendering, target.file()).map(drawn -> trimmed.around(drawn, whole));
    };
  }

  /** The smallest bounds around every pixel that a file would show. */
  private static Optional<Bounds> drawn(Rendering rendering, FileKind kind) {
    Bounds whole = rendering.canvas().bounds();
    SampleRows samples = SampleRows.plain(rendering, whole, kind);
    AlphaCount count = new AlphaCount(whole.width());
    byte[] rows = new byte[ROWS_AT_ONCE * samples.bytesPerRow()];
    Bounds drawn = rendering.drawn();
    for (int top = drawn.top(); top < drawn.bottom(); top += ROWS_AT_ONCE) {
      int bottom = Math.min(drawn.bottom(), top + ROWS_AT_ONCE);
      samples.rows(top, bottom, rows);
      for (int y = top; y < bottom; y++) {
        count.row(
            y,
            rows,
            (y - top) * samples.bytesPerRow(),
            samples.bytesPerPixel(),
            kind.depth().bytes());
      }
    }
    return Optional.ofNullable(count.drawn())
        .map(
            found ->
                new Bounds(
                    found.left(),
                    found.top(),
                    found.left() + found.width(),
                    found.top() + found.height()));
  }
}
