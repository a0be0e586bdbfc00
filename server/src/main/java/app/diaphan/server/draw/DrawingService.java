package app.diaphan.server.draw;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Colour;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Paint;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.picture.PackedPng;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.core.type.ShippedFonts;
import app.diaphan.server.store.PictureContents;
import app.diaphan.server.store.Pictures;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Draws overlays of packages for the screens, remembering what has not changed. */
@Service
public class DrawingService {
  private static final long PAINTED_BYTES = 400L << 20;
  private static final long PICTURE_BYTES = 600L << 20;
  private static final int VECTOR_BYTES = 8 << 20;

  private final Pictures pictures;
  private final PictureContents contents;
  private final DrawnPictures drawn;
  private final Renderer renderer =
      new Renderer(ShippedFonts.shelf(), PictureShelf.EMPTY, PAINTED_BYTES);

  /** Decoded pictures by digest, so that the same bytes are decoded once. */
  private final Cache<String, Picture> decoded =
      Caffeine.newBuilder()
          .maximumWeight(PICTURE_BYTES)
          .weigher((String digest, Picture picture) -> bytesOf(picture))
          .build();

  private final Cache<PieceKey, Drawing.DrawnPart> pieceParts =
      Caffeine.newBuilder().maximumSize(4000).build();

  /** All that decides how a piece looks by itself; the pieces of a group have keys of their own. */
  private record PieceKey(
      Piece piece,
      List<Picture> pictures,
      double width,
      double height,
      AffineTransform toPixels,
      Canvas canvas,
      List<PieceKey> inside) {
    static PieceKey of(PlacedPiece placed, Canvas canvas) {
      return new PieceKey(
          placed.piece(),
          placed.content().pictures(),
          placed.width(),
          placed.height(),
          placed.toPixels(),
          canvas,
          placed.inside().stream().map(inner -> of(inner, canvas)).toList());
    }
  }

  DrawingService(Pictures pictures, PictureContents contents, DrawnPictures drawn) {
    this.pictures = pictures;
    this.contents = contents;
    this.drawn = drawn;
  }

  /** A renderer that finds the pictures of one package. */
  public Renderer rendererFor(Long packageId) {
    return renderer.with(name -> picture(packageId, name));
  }

  Optional<Picture> picture(Long packageId, String name) {
    return pictures
        .findDigest(packageId, name)
        .map(
            digest ->
                decoded.get(
                    digest,
                    missing ->
                        PictureReader.read(
                            name, contents.findById(digest).orElseThrow().content())));
  }

  /** A vector picture keeps its document, which is small beside pixels. */
  private static int bytesOf(Picture picture) {
    return switch (picture) {
      case RasterPicture raster -> raster.pixels().length * Float.BYTES;
      case VectorPicture vector -> VECTOR_BYTES;
    };
  }

  /**
   * Draws all pieces, each by itself and all together.
   *
   * @param editing the id of the text whose carets are wanted; empty for none
   */
  public Drawing draw(Long packageId, Overlay overlay, double scale, String editing) {
    Renderer packageRenderer = rendererFor(packageId);
    Canvas canvas = Canvas.scaled(overlay.frame(), scale);
    Rendering all = packageRenderer.render(overlay, canvas);
    DrawnPieces pieces =
        new DrawnPieces(packageRenderer, editing, placed -> part(packageRenderer, placed, canvas));
    return new Drawing(
        canvas.width(),
        canvas.height(),
        keepNow(all),
        pieces.of(all.placed()),
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
      case Backdrop.Still(RasterPicture still) ->
          sampler =
              new PictureSampler(
                  still,
                  AffineTransform.getScaleInstance(
                      (double) canvas.width() / still.width(),
                      (double) canvas.height() / still.height()),
                  PictureSampler.Beyond.ITS_EDGE);
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
    return PackedPng.of(image);
  }

  /** A piece by itself, packed only when it is fetched: the composite is what is waited for. */
  private Drawing.DrawnPart part(Renderer packageRenderer, PlacedPiece placed, Canvas canvas) {
    PieceKey key = PieceKey.of(placed, canvas);
    Drawing.DrawnPart known = pieceParts.getIfPresent(key);
    if (known == null || !drawn.keeps(known)) {
      // By itself a punch would be seen by nothing; its face tells where it is.
      Rendering rendering = packageRenderer.render(List.of(placed.painted()), canvas);
      Bounds bounds = rendering.drawn();
      known = partAt(bounds, () -> drawn.keepForLater(() -> StagePicture.png(rendering, bounds)));
      pieceParts.put(key, known);
    }
    return known;
  }

  /**
   * The name of a font family in its own letters.
   *
   * @throws InvalidInput if the family is not on the shelf
   */
  public byte[] fontSample(String family) {
    if (ShippedFonts.shelf().find(family).isEmpty()) {
      throw new InvalidInput("There is no font \"%s\" here.".formatted(family));
    }
    TextPiece name =
        new TextPiece(
            "name",
            family,
            true,
            false,
            Place.at(PinPoint.LEFT, Area.FRAME, 2, 0),
            List.of(Run.of(family, family, 500, 34)),
            TextSetting.plain(TextAlignment.LEFT),
            new TextBox.Free(),
            new Paint.Flat(Colour.WHITE),
            Look.PLAIN);
    Overlay sample = new Overlay(family, Frame.of(440, 48), List.of(name));
    Rendering rendering = renderer.render(sample, Canvas.of(sample.frame()));
    return StagePicture.png(rendering, rendering.canvas().bounds());
  }

  private Drawing.DrawnPart keepNow(Rendering rendering) {
    Bounds bounds = rendering.drawn();
    return partAt(bounds, () -> drawn.keep(StagePicture.png(rendering, bounds)));
  }

  private static Drawing.DrawnPart partAt(Bounds bounds, Supplier<String> address) {
    return new Drawing.DrawnPart(
        bounds.empty() ? "" : address.get(),
        bounds.left(),
        bounds.top(),
        bounds.width(),
        bounds.height());
  }
}
