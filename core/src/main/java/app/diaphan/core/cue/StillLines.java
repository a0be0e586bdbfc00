package app.diaphan.core.cue;

import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.SizedPiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.util.List;
import java.util.stream.Stream;

/** The words that are seen of an overlay, line by line, for those who ask how long they take. */
public final class StillLines {
  private StillLines() {}

  /** Heights are laid out only of cards that scroll; nobody asks for those of others. */
  public static List<CueStill.Line> of(Overlay overlay, Renderer renderer) {
    return overlay.frame().scrolled()
        ? renderer.lay(overlay, Canvas.of(overlay.frame())).pieces().stream()
            .flatMap(StillLines::laid)
            .toList()
        : texts(overlay.stack())
            .flatMap(text -> text.words().lines())
            .filter(line -> !line.isBlank())
            .map(line -> new CueStill.Line(line, 0))
            .toList();
  }

  private static Stream<TextPiece> texts(List<Piece> stack) {
    return stack.stream()
        .filter(Piece::shown)
        .flatMap(
            piece ->
                switch (piece) {
                  case TextPiece text -> Stream.of(text);
                  case GroupPiece group -> texts(group.stack());
                  case SizedPiece _ -> Stream.<TextPiece>empty();
                });
  }

  /** Words that are broken into more lines than they were written in are shared out among them. */
  private static Stream<CueStill.Line> laid(PlacedPiece placed) {
    if (!placed.piece().shown()) {
      return Stream.empty();
    }
    if (placed.piece() instanceof TextPiece text
        && placed.content() instanceof Content.Lettered letters) {
      int set = Math.max(1, letters.set().baselines().size());
      double height = placed.bounds().getHeight() / set;
      List<String> written = text.words().lines().filter(line -> !line.isBlank()).toList();
      if (text.words().lines().count() >= set || written.isEmpty()) {
        return written.stream().map(line -> new CueStill.Line(line, height));
      }
      String all = String.join(" ", written);
      int share = (all.length() + set - 1) / set;
      return Stream.iterate(0, at -> at < all.length(), at -> at + share)
          .map(at -> all.substring(at, Math.min(all.length(), at + share)))
          .map(line -> new CueStill.Line(line, height));
    }
    return placed.inside().stream().flatMap(StillLines::laid);
  }
}
