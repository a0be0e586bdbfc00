package app.diaphan.core.picture;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.font.shelf.ShippedFonts;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.DomElement;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.FloatSize;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.GraphicsEnvironment;
import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.regex.Pattern;
import javax.xml.stream.XMLEventReader;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;

/**
 * Reads SVG files. They are parsed without scripts, document types or outside references; pictures
 * written into the file itself are shown.
 */
final class SvgReader {
  private static final int LARGEST_SIDE = 100_000;
  private static final int NESTING = 100;
  private static final int USE_NESTING = 20;

  private static final Pattern FAMILY =
      Pattern.compile("font-family\\s*[:=]\\s*[\"']?\\s*['\"]?([^\"';>},]+)");

  /**
   * The library's, which writes down stack traces of all that it does not know; what there is to be
   * said of a file is said in {@link SvgGaps}. Kept, since a logger that nobody holds is forgotten
   * with its level.
   */
  private static final Logger LIBRARY = Logger.getLogger("com.github.weisj.jsvg");

  static {
    LIBRARY.setLevel(Level.OFF);
  }

  private SvgReader() {}

  /** Whether these bytes look like an SVG file. */
  static boolean reads(byte[] bytes) {
    String start = new String(bytes, 0, Math.min(bytes.length, 4096), StandardCharsets.UTF_8);
    return start.stripLeading().startsWith("<") && start.contains("<svg")
        || start.startsWith("\ufeff<") && start.contains("<svg");
  }

  static VectorPicture read(String name, byte[] bytes) {
    Fonts.known();
    String text = new String(bytes, StandardCharsets.UTF_8);
    SvgGaps gaps = new SvgGaps(text);
    SVGDocument document = load(name, bytes, gaps::look);
    FloatSize size = document.size();
    if (!(size.width > 0 && size.height > 0) || Math.max(size.width, size.height) > LARGEST_SIDE) {
      throw new InvalidInput(
          Sentence.of(
              "The SVG file \"%s\" says its size is %s × %s; give it a width and a height between 1 and %d.",
              name, size.width, size.height, LARGEST_SIDE));
    }
    ViewBox box = new ViewBox(size);
    Optional<SvgTree> tree =
        gaps.needsTree()
            ? SvgTree.of(name, () -> events(bytes), size.width, size.height)
            : Optional.empty();
    FigureList drawn =
        tree.map(found -> found.figures(new AffineTransform()))
            .orElseGet(() -> figures(name, document, box, new AffineTransform()));
    VectorPicture.Page page =
        new VectorPicture.Page(
            size.width,
            size.height,
            tree.<VectorPicture.Drawer>map(found -> toPixels -> found.figures(toPixels).figures())
                .orElse(toPixels -> figures(name, document, box, toPixels).figures()),
            tree.<Supplier<List<String>>>map(found -> found::names)
                .orElse(() -> names(name, bytes, box)));
    List<String> notes = new ArrayList<>(wordNotes(text));
    if (tree.isPresent() && !tree.get().whole()) {
      notes.add("Parts of it are not written as the standard asks and are left out.");
    }
    notes.addAll(gaps.notes(tree.isPresent(), drawn.mixing(), drawn.figures().isEmpty()));
    return new VectorPicture(List.of(page), notes, Digest.of(bytes), bytes.length);
  }

  private static List<String> names(String name, byte[] bytes, ViewBox box) {
    return SvgNames.of(
        prepare ->
            figures(name, load(name, bytes, prepare), box, new AffineTransform()).figures().size());
  }

  /**
   * @param prepare what is done to its elements before anything is drawn
   */
  private static SVGDocument load(String name, byte[] bytes, Consumer<DomElement> prepare) {
    LoaderContext context =
        LoaderContext.builder()
            .preProcessor(
                root -> {
                  prepare.accept(root);
                  SvgSize.settle(root);
                  SvgRegions.tame(root);
                  SvgFamilies.settle(root);
                  SvgMends.mend(root);
                })
            .cssParser(new SvgStyles())
            .externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL)
            .documentLimits(new DocumentLimits(NESTING, USE_NESTING, FigureList.MOST_FIGURES))
            .build();
    SVGDocument document = new SVGLoader().load(() -> events(bytes), null, context);
    if (document == null) {
      throw new InvalidInput(
          Sentence.of("The SVG file \"%s\" is damaged or is no SVG file; save it again.", name));
    }
    return document;
  }

  private static XMLEventReader events(byte[] bytes) throws XMLStreamException {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    // Drawing programs write names of namespaces as entities of the file itself. The platform's
    // limits on how far these may grow hold; what lies outside the file is read as nothing.
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, true);
    factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, true);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setXMLResolver((publicId, systemId, base, name) -> InputStream.nullInputStream());
    return new SvgChoices(factory.createXMLEventReader(new ByteArrayInputStream(bytes)));
  }

  private static FigureList figures(
      String name, SVGDocument document, ViewBox box, AffineTransform toPixels) {
    FigureList figures = new FigureList();
    try {
      document.renderWithPlatform(
          NullPlatformSupport.INSTANCE, new FigureRecorder(figures, toPixels), box);
    } catch (OutOfMemoryError e) {
      throw ReaderNotes.tooLarge(name, e);
    }
    return figures;
  }

  /** What to say about families that the file's words name and that are not here. */
  private static List<String> wordNotes(String text) {
    if (!text.contains("<text")) {
      return List.of();
    }
    Set<String> unknown = new LinkedHashSet<>();
    FAMILY
        .matcher(text)
        .results()
        .map(found -> found.group(1).strip())
        .filter(family -> !SvgFamilies.isHere(family))
        .forEach(unknown::add);
    if (unknown.isEmpty()) {
      return List.of();
    }
    return List.of(
        Sentence.of(
            "Its words name %s, which is not here; another font stands in. Turn the words into outlines to be sure of them.",
            String.join(", ", unknown)));
  }

  /** The library looks for families among those of the platform, so ours are made known there. */
  private static final class Fonts {
    private static final boolean KNOWN = register();

    static boolean known() {
      return KNOWN;
    }

    private static boolean register() {
      GraphicsEnvironment platform = GraphicsEnvironment.getLocalGraphicsEnvironment();
      ShippedFonts.shelf()
          .families()
          .forEach(
              family ->
                  family
                      .weights()
                      .forEach(one -> platform.registerFont(family.font(one.weight()))));
      return true;
    }
  }
}
