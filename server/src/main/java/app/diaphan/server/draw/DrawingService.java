package app.diaphan.server.draw;

import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.overlay.Colour;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.core.type.ShippedFonts;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.Pictures;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Service;

/** Draws overlays of packages for the screens, remembering what has not changed. */
@Service
public class DrawingService {
  private static final long PAINTED_BYTES = 400L << 20;
  private static final long PICTURE_BYTES = 600L << 20;

  private final Pictures pictures;
  private final DrawnPictures drawn;
  private final Renderer renderer =
      new Renderer(ShippedFonts.shelf(), PictureShelf.EMPTY, PAINTED_BYTES);

  /** Decoded pictures by digest, so that the same bytes are decoded once. */
  private final Cache<String, Picture> decoded =
      Caffeine.newBuilder()
          .maximumWeight(PICTURE_BYTES)
          .weigher((String digest, Picture picture) -> picture.pixels().length * Float.BYTES)
          .build();

  private final Cache<PieceKey, Drawing.DrawnPart> pieceParts =
      Caffeine.newBuilder().maximumSize(2000).build();

  private record PieceKey(Piece piece, Object content, AffineTransform toPixels, Canvas canvas) {}

  DrawingService(Pictures pictures, DrawnPictures drawn) {
    this.pictures = pictures;
    this.drawn = drawn;
  }

  /** A renderer that finds the pictures of one package. */
  public Renderer rendererFor(Long packageId) {
    return renderer.with(name -> picture(packageId, name));
  }

  private Optional<Picture> picture(Long packageId, String name) {
    return pictures
        .findByPackageIdAndName(packageId, name)
        .map(entity -> decoded.get(entity.sha256(), digest -> decode(entity)));
  }

  private static Picture decode(PictureEntity entity) {
    return PictureReader.read(entity.name(), entity.content());
  }

  /** Draws all pieces, each by itself and all together. */
  public Drawing draw(Long packageId, Overlay overlay, double scale) {
    Renderer packageRenderer = rendererFor(packageId);
    Canvas canvas = Canvas.scaled(overlay.frame(), scale);
    Rendering all = packageRenderer.render(overlay, canvas);
    List<Drawing.DrawnPiece> pieces = new ArrayList<>();
    for (PlacedPiece placed : all.placed()) {
      pieces.add(piece(packageRenderer, overlay, placed, canvas));
    }
    return new Drawing(
        canvas.width(),
        canvas.height(),
        keep(all),
        pieces,
        all.findings().stream()
            .map(f -> new Drawing.FoundOnPiece(f.piece(), f.sentence(), f.prevents()))
            .toList());
  }

  /** The true picture of an overlay, on clear ground. */
  public byte[] picture(Long packageId, Overlay overlay, double scale) {
    Rendering rendering =
        rendererFor(packageId).render(overlay, Canvas.scaled(overlay.frame(), scale));
    return StagePicture.png(rendering, rendering.canvas().bounds());
  }

  /** The true picture of an overlay over a backdrop, solid. */
  public byte[] over(Long packageId, Overlay overlay, Canvas canvas, Backdrop backdrop) {
    float[] pixels = rendererFor(packageId).render(overlay, canvas).pixels();
    PictureSampler sampler = null;
    float[] behind = new float[4];
    switch (backdrop) {
      case Backdrop.Flat(Colour colour) -> {
        behind[0] = colour.red() / 255f;
        behind[1] = colour.green() / 255f;
        behind[2] = colour.blue() / 255f;
      }
      case Backdrop.Still(Picture still) ->
          sampler =
              new PictureSampler(
                  still,
                  AffineTransform.getScaleInstance(
                      (double) canvas.width() / still.width(),
                      (double) canvas.height() / still.height()));
    }
    BufferedImage image =
        new BufferedImage(canvas.width(), canvas.height(), BufferedImage.TYPE_INT_RGB);
    for (int y = 0, at = 0; y < canvas.height(); y++) {
      for (int x = 0; x < canvas.width(); x++, at += 4) {
        if (sampler != null) {
          sampler.sample(x, y, behind, 0);
        }
        int rgb = 0;
        for (int c = 0; c < 3; c++) {
          float value = pixels[at + c] + behind[c] * (1 - pixels[at + 3]);
          rgb = rgb << 8 | Math.clamp(Math.round(value * 255), 0, 255);
        }
        image.setRGB(x, y, rgb);
      }
    }
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Drawing.DrawnPiece piece(
      Renderer packageRenderer, Overlay overlay, PlacedPiece placed, Canvas canvas) {
    Object content =
        placed.content() instanceof app.diaphan.core.render.Content.Pictured pictured
            ? pictured
            : "";
    PieceKey key = new PieceKey(placed.piece(), content, placed.toPixels(), canvas);
    Drawing.DrawnPart known = pieceParts.getIfPresent(key);
    if (known == null || !drawn.keeps(known)) {
      known = keep(packageRenderer.render(overlay.withStack(List.of(placed.piece())), canvas));
      pieceParts.put(key, known);
    }
    return new Drawing.DrawnPiece(
        placed.piece().id(), known, placed.corners(), placed.width(), placed.height());
  }

  /** Packs what is drawn on and keeps it to be fetched. */
  private Drawing.DrawnPart keep(Rendering rendering) {
    Bounds bounds = rendering.drawn();
    return new Drawing.DrawnPart(
        bounds.empty() ? "" : drawn.keep(StagePicture.png(rendering, bounds)),
        bounds.left(),
        bounds.top(),
        bounds.width(),
        bounds.height());
  }
}
