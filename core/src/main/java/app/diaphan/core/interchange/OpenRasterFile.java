package app.diaphan.core.interchange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.GroupPiece.Finishing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Writes an overlay as an OpenRaster file (version 0.0.6 of the open standard for layered
 * pictures): every piece is a picture with its place and opacity, a plain group is a stack, a punch
 * is a layer that is taken out of those beneath it. The picture of all together is in it too.
 */
public final class OpenRasterFile {
  /** Later than the first moment of zip files, which would be told in a field of its own. */
  private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 2, 1, 0, 0);

  private static final int THUMBNAIL = 256;

  private final Renderer renderer;
  private final Canvas canvas;
  private final Map<String, byte[]> pictures = new LinkedHashMap<>();
  private final StringBuilder stack = new StringBuilder();

  private OpenRasterFile(Renderer renderer, Canvas canvas) {
    this.renderer = renderer;
    this.canvas = canvas;
  }

  /**
   * @param out is left open
   * @throws InvalidInput if layers cannot carry the overlay truthfully
   */
  public static void write(Renderer renderer, Overlay overlay, OutputStream out)
      throws IOException {
    Canvas canvas = Canvas.of(overlay.frame());
    OpenRasterFile file = new OpenRasterFile(renderer, canvas);
    Rendering whole = renderer.render(overlay, canvas);
    file.layers(whole.placed(), 2, true);
    ZipOutputStream zip = new ZipOutputStream(out);
    stored(zip, "mimetype", "image/openraster".getBytes(StandardCharsets.US_ASCII));
    add(zip, "stack.xml", file.xml(overlay.frame()).getBytes(StandardCharsets.UTF_8));
    for (var picture : file.pictures.entrySet()) {
      add(zip, picture.getKey(), picture.getValue());
    }
    add(zip, "mergedimage.png", StagePicture.png(whole, canvas.bounds()));
    add(zip, "Thumbnails/thumbnail.png", thumbnail(renderer, overlay));
    zip.finish();
  }

  private static byte[] thumbnail(Renderer renderer, Overlay overlay) {
    Frame frame = overlay.frame();
    double scale = Math.min(1, (double) THUMBNAIL / Math.max(frame.width(), frame.height()));
    Canvas small = Canvas.scaled(frame, scale);
    return StagePicture.png(renderer.render(overlay, small), small.bounds());
  }

  private String xml(Frame frame) {
    return Sentence.of(
        """
        <?xml version="1.0" encoding="UTF-8"?>
        <image version="0.0.6" w="%d" h="%d" xres="72" yres="72">
          <stack>
        %s  </stack>
        </image>
        """,
        frame.width(), frame.height(), stack);
  }

  /** From front to back, as the standard has them. */
  private void layers(List<PlacedPiece> placed, int depth, boolean outermost) {
    for (PlacedPiece piece : placed) {
      layer(piece, depth, outermost);
    }
  }

  private void layer(PlacedPiece placed, int depth, boolean outermost) {
    Piece piece = placed.piece();
    Look look = piece.look();
    if (look.punch() == Punch.EVERYTHING && !outermost) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" cuts out of its group, which layers cannot carry. Let it cut its group only, or ungroup it.",
              piece.name()));
    }
    if (look.punch() != Punch.NONE) {
      if (look.finishes().stream().anyMatch(finish -> finish.on())) {
        picture(placed, piece.withLook(look), "src-over", look.overallOpacity(), depth);
      }
      Look bare = look.withFinishes(List.of()).withPunch(Punch.NONE);
      picture(placed, piece.withLook(bare), "dst-out", 1, depth);
    } else if (plain(piece)) {
      indent(depth)
          .append(Sentence.of("<stack name=\"%s\"", Xml.escaped(piece.name())))
          .append(attributes(piece.shown(), look.overallOpacity(), "src-over"))
          .append(" isolation=\"isolate\">\n");
      layers(placed.inside(), depth + 1, false);
      indent(depth).append("</stack>\n");
    } else {
      Look solid = look.withOverallOpacity(1);
      picture(placed, piece.withLook(solid), "src-over", look.overallOpacity(), depth);
    }
  }

  /** Whether a group is no more than its pieces together. */
  private static boolean plain(Piece piece) {
    return piece instanceof GroupPiece group
        && group.finishing() == Finishing.AS_ONE
        && !group.look().changesFace();
  }

  private void picture(
      PlacedPiece placed, Piece shownAs, String operation, double opacity, int depth) {
    Piece piece = placed.piece();
    Rendering alone = renderer.render(List.of(placed.withPiece(shownAs.withShown(true))), canvas);
    Bounds drawn = alone.drawn();
    if (drawn.empty()) {
      return;
    }
    String source = Sentence.of("data/layer-%03d.png", pictures.size() + 1);
    pictures.put(source, StagePicture.png(alone, drawn));
    indent(depth)
        .append(Sentence.of("<layer name=\"%s\"", Xml.escaped(piece.name())))
        .append(Sentence.of(" src=\"%s\" x=\"%d\" y=\"%d\"", source, drawn.left(), drawn.top()))
        .append(attributes(piece.shown(), opacity, operation))
        .append("/>\n");
  }

  private static String attributes(boolean shown, double opacity, String operation) {
    return Sentence.of(
        " opacity=\"%s\" visibility=\"%s\" composite-op=\"svg:%s\"",
        Xml.number(opacity), shown ? "visible" : "hidden", operation);
  }

  private StringBuilder indent(int depth) {
    return stack.append("  ".repeat(depth));
  }

  private static void add(ZipOutputStream zip, String name, byte[] content) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTimeLocal(NO_TIME);
    zip.putNextEntry(entry);
    zip.write(content);
    zip.closeEntry();
  }

  /** The standard wants its kind told first and unpacked. */
  private static void stored(ZipOutputStream zip, String name, byte[] content) throws IOException {
    CRC32 sum = new CRC32();
    sum.update(content);
    ZipEntry entry = new ZipEntry(name);
    entry.setTimeLocal(NO_TIME);
    entry.setMethod(ZipEntry.STORED);
    entry.setSize(content.length);
    entry.setCrc(sum.getValue());
    zip.putNextEntry(entry);
    zip.write(content);
    zip.closeEntry();
  }
}
