package app.diaphan.server.draw;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseOriginal;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.PackedPng;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.picture.DecodedPictures;
import app.diaphan.server.store.PictureContents;
import app.diaphan.server.store.Pictures;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Draws overlays of packages for the screens, remembering what has not changed. */
@Service
public class DrawingService {
  /** Of a drawing's pixels, as they are put together and packed. */
  private static final long BYTES_PER_PIXEL = 8;

  /** Pixels of a frame on which an original is drawn small. */
  private static final double ORIGINAL_LONGEST = 480;

  /** With all its pixels at once as floats. */
  private static final long OVER_BYTES_PER_PIXEL = 28;

  /** What a renderer remembers of words that it has set: some hundred outlines. */
  private static final long SET_BYTES = 4 << 20;

  private final Pictures pictures;
  private final PictureContents contents;
  private final DecodedPictures decoded;
  private final DrawnPictures drawn;
  private final Permits work;
  private final Renderer renderer;
  private final FontShelves shelves;
  private final Remembered<List<FontFile>, Renderer> byFonts;
  private final Remembered<PieceKey, Drawing.DrawnPart> pieceParts;

  /** All that decides how a piece looks by itself; the pieces of a group have keys of their own. */
  private record PieceKey(
      Piece piece,
      List<String> madeOf,
      double width,
      double height,
      AffineTransform toPixels,
      Canvas canvas,
      List<PieceKey> inside) {
    static PieceKey of(PlacedPiece placed, Canvas canvas) {
      return new PieceKey(
          placed.piece(),
          placed.content().madeOf(),
          placed.width(),
          placed.height(),
          placed.toPixels(),
          canvas,
          placed.inside().stream().map(inner -> of(inner, canvas)).toList());
    }
  }

  DrawingService(
      Pictures pictures,
      PictureContents contents,
      DecodedPictures decoded,
      DrawnPictures drawn,
      FontShelves shelves,
      MemoryBudget budget) {
    this.shelves = shelves;
    this.pictures = pictures;
    this.contents = contents;
    this.decoded = decoded;
    this.drawn = drawn;
    work = budget.work();
    renderer =
        new Renderer(
            ShippedFonts.shelf(), PictureShelf.EMPTY, budget.remembered(), budget.pictures());
    byFonts = budget.remembered().kind(Memory::bytesOf, own -> SET_BYTES);
    pieceParts = budget.remembered().kind(Memory::bytesOf, part -> 64);
  }

  /** For overlays that show no pictures of a package and are set in what ships. */
  Renderer rendererWithoutPictures() {
    return renderer;
  }

  /** A renderer that finds the pictures and the fonts of one package. */
  public Renderer rendererFor(Long packageId) {
    return inFonts(shelves.filesOf(packageId)).with(name -> picture(packageId, name));
  }

  /**
   * The same, as it is with another house.
   *
   * @param others digests of what is kept, by the names of the pictures they stand in for
   */
  Renderer rendererFor(Long packageId, House house, Map<String, String> others) {
    return inFonts(shelves.here(house.fontFiles()))
        .with(
            name ->
                others.containsKey(name)
                    ? Optional.of(ofContent(name, others.get(name)))
                    : picture(packageId, name));
  }

  /** A renderer that finds just one picture. */
  Renderer rendererOf(String name, String digest) {
    return renderer.with(
        wanted -> wanted.equals(name) ? Optional.of(ofContent(name, digest)) : Optional.empty());
  }

  private Renderer inFonts(List<FontFile> files) {
    return files.isEmpty() ? renderer : byFonts.of(files, () -> renderer.with(shelves.of(files)));
  }

  Optional<Picture> picture(Long packageId, String name) {
    return pictures.findDigest(packageId, name).map(digest -> ofContent(name, digest));
  }

  private Picture ofContent(String name, String digest) {
    return decoded
        .file(name, digest, () -> contents.findById(digest).orElseThrow().content())
        .picture();
  }

  /**
   * Draws all pieces, each by itself and all together.
   *
   * @param editing the id of the text whose carets are wanted; empty for none
   */
  public Drawing draw(Long packageId, Overlay overlay, double scale, String editing) {
    Canvas canvas = Canvas.scaled(overlay.frame(), scale);
    return work.with(bytesOf(canvas), () -> drawn(packageId, overlay, canvas, editing));
  }

  private Drawing drawn(Long packageId, Overlay overlay, Canvas canvas, String editing) {
    Renderer packageRenderer = rendererFor(packageId);
    Rendering all = packageRenderer.render(overlay, canvas);
    Again again = new Again(packageId, overlay, canvas);
    DrawnPieces pieces =
        new DrawnPieces(
            packageRenderer, canvas, editing, placed -> part(packageRenderer, placed, again));
    return new Drawing(
        canvas.width(),
        canvas.height(),
        keepNow(all, again),
        pieces.of(all.placed()),
        all.troubles());
  }

  /** What is needed to draw an overlay or a piece of it again. */
  private record Again(Long packageId, Overlay overlay, Canvas canvas, long bytes) {
    Again(Long packageId, Overlay overlay, Canvas canvas) {
      this(packageId, overlay, canvas, Memory.bytesOf(overlay));
    }

    /** All recipes of one drawing share its document. */
    long bytesEach() {
      return 64 + bytes / (1 + overlay.stack().size());
    }
  }

  private static byte[] png(Rendering rendering) {
    return StagePicture.png(rendering, rendering.drawn());
  }

  private byte[] whole(Again again) {
    return work.with(
        bytesOf(again.canvas()),
        () -> png(rendererFor(again.packageId()).render(again.overlay(), again.canvas())));
  }

  private byte[] piece(Again again, String id) {
    return work.with(
        bytesOf(again.canvas()),
        () -> {
          Renderer packageRenderer = rendererFor(again.packageId());
          PlacedPiece placed =
              packageRenderer.place(again.overlay(), again.canvas()).stream()
                  .flatMap(PlacedPiece::all)
                  .filter(other -> other.piece().id().equals(id))
                  .findFirst()
                  .orElseThrow();
          return png(alone(packageRenderer, placed, again.canvas()));
        });
  }

  /** By itself a punch would be seen by nothing; its face tells where it is. */
  private static Rendering alone(Renderer packageRenderer, PlacedPiece placed, Canvas canvas) {
    return packageRenderer.render(List.of(placed.painted()), canvas);
  }

  private static long bytesOf(Canvas canvas) {
    return BYTES_PER_PIXEL * canvas.width() * canvas.height();
  }

  /** The true picture of an overlay, on clear ground. */
  public byte[] picture(Long packageId, Overlay overlay, double scale) {
    Canvas canvas = Canvas.scaled(overlay.frame(), scale);
    return work.with(
        bytesOf(canvas),
        () -> {
          Rendering rendering = rendererFor(packageId).render(overlay, canvas);
          return StagePicture.png(rendering, rendering.canvas().bounds());
        });
  }

  /** The same, cut to what is drawn; the whole frame if nothing is. */
  public byte[] cutPicture(Long packageId, Overlay overlay, double scale) {
    Canvas canvas = Canvas.scaled(overlay.frame(), scale);
    return work.with(
        bytesOf(canvas),
        () -> {
          Rendering rendering = rendererFor(packageId).render(overlay, canvas);
          Bounds drawn = rendering.drawn();
          return StagePicture.png(rendering, drawn.empty() ? canvas.bounds() : drawn);
        });
  }

  /**
   * An original of a house by itself, small, on clear ground.
   *
   * @param house as the package sees it
   * @param others digests of pictures that the package does not have, by their names
   */
  public byte[] original(
      Long packageId, House house, HouseOriginal original, Map<String, String> others) {
    double lines = original.lines();
    Frame frame = Frame.of((int) Math.ceil(lines * 2), (int) Math.ceil(lines));
    Overlay alone = new Overlay(original.name(), frame, List.of(original.group()));
    Overlay dressed = house.dressed(alone);
    double scale = Math.min(1, ORIGINAL_LONGEST / frame.displayWidth());
    Renderer with = rendererFor(packageId, house, others);
    Canvas whole = Canvas.scaled(frame, scale);
    return work.with(
        bytesOf(whole),
        () -> {
          Bounds drawn = with.render(dressed, whole).drawn();
          double longest = Math.max(1, Math.max(drawn.width(), drawn.height()));
          // Small originals are drawn once more, as large as their picture is.
          Canvas canvas =
              Canvas.scaled(frame, scale * Math.min(4, ORIGINAL_LONGEST / (2 * longest)));
          Rendering rendering = with.render(dressed, canvas);
          return StagePicture.png(
              rendering, rendering.drawn().empty() ? canvas.bounds() : rendering.drawn());
        });
  }

  /** The true picture of an overlay over a backdrop, solid. */
  public byte[] over(Long packageId, Overlay overlay, Canvas canvas, Backdrop backdrop) {
    return work.with(
        OVER_BYTES_PER_PIXEL * canvas.width() * canvas.height(),
        () -> laidOver(packageId, overlay, canvas, backdrop));
  }

  private byte[] laidOver(Long packageId, Overlay overlay, Canvas canvas, Backdrop backdrop) {
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
  private Drawing.DrawnPart part(Renderer packageRenderer, PlacedPiece placed, Again again) {
    Drawing.DrawnPart part =
        pieceParts.of(
            PieceKey.of(placed, again.canvas()),
            () ->
                partAt(alone(packageRenderer, placed, again.canvas()).drawn(), drawn::newAddress));
    if (!part.picture().isEmpty()) {
      String id = placed.piece().id();
      drawn.keepForLater(
          part.picture(), new DrawnPictures.Recipe(() -> piece(again, id), again.bytesEach()));
    }
    return part;
  }

  /**
   * Words in a font of a package, white on clear ground.
   *
   * @throws InvalidInput if the family is not on the package's shelf
   */
  public byte[] fontSample(Long packageId, String words, String family, int weight) {
    if (shelves.of(packageId).find(family).isEmpty()) {
      throw new InvalidInput(Sentence.of("There is no font \"%s\" here.", family));
    }
    TextPiece name =
        new TextPiece(
            "name",
            family,
            true,
            false,
            Place.at(PinPoint.LEFT, Area.FRAME, 2, 0),
            List.of(Run.of(words, family, weight, 34)),
            TextSetting.plain(TextAlignment.LEFT),
            new TextBox.Free(),
            new Paint.Flat(Colour.WHITE),
            Look.PLAIN);
    Overlay sample = new Overlay("sample", Frame.of(440, 48), List.of(name));
    Rendering rendering = rendererFor(packageId).render(sample, Canvas.of(sample.frame()));
    return StagePicture.png(rendering, rendering.canvas().bounds());
  }

  private Drawing.DrawnPart keepNow(Rendering rendering, Again again) {
    return partAt(
        rendering.drawn(),
        () ->
            drawn.keep(
                png(rendering), new DrawnPictures.Recipe(() -> whole(again), again.bytesEach())));
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
