package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.awt.geom.AffineTransform;
import java.awt.geom.Dimension2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.lang.ref.WeakReference;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLEventReader;
import javax.xml.stream.XMLStreamException;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMResult;
import javax.xml.transform.stax.StAXSource;
import org.apache.batik.anim.dom.SVGDOMImplementation;
import org.apache.batik.anim.dom.SVGOMDocument;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.BridgeException;
import org.apache.batik.bridge.DocumentLoader;
import org.apache.batik.bridge.ErrorConstants;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.dom.util.DOMUtilities;
import org.apache.batik.ext.awt.RenderingHintsKeyExt;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.util.ParsedURL;
import org.w3c.dom.Attr;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * An SVG file as a tree of what is drawn, by a library that knows all of SVG 1.1 but takes longer
 * to start: for files that ask for more than the quick one knows ({@link SvgGaps#needsTree}).
 * Nothing outside the file is looked at, and no script is run.
 */
final class SvgTree {
  /** Of a file with all its uses written out. */
  private static final long MOST_ELEMENTS = 200_000;

  /** How often a file is begun anew without what could not be read. */
  private static final int MOST_LEFT_OUT = 20;

  /** What stands for the file's own address, which references within it are told by. */
  private static final String ADDRESS = "file:///picture.svg";

  /** Reads a file from its beginning. */
  @FunctionalInterface
  interface Events {
    XMLEventReader read() throws XMLStreamException;
  }

  /**
   * Loads no document beside the file, not one that is written into it either: the library would
   * read it with a parser of its own, which looks at whatever its document type names.
   */
  private static final class NoDocuments extends DocumentLoader {
    private NoDocuments(SvgTreeHost host) {
      super(host);
    }

    @Override
    public Document loadDocument(String address) throws IOException {
      throw new IOException("No document is loaded.");
    }

    @Override
    public Document loadDocument(String address, InputStream bytes) throws IOException {
      throw new IOException("No document is loaded.");
    }
  }

  /** That there are no pixels to draw on, which the library would complain about each time. */
  private static final WeakReference<BufferedImage> NO_IMAGE = new WeakReference<>(null);

  private final String name;
  private final GraphicsNode root;
  private final AffineTransform toUnits;
  private final Rectangle2D page;
  private final boolean whole;
  private final SvgTreeNames names;

  private SvgTree(
      String name,
      GraphicsNode root,
      AffineTransform toUnits,
      Rectangle2D page,
      boolean whole,
      SvgTreeNames names) {
    this.name = name;
    this.root = root;
    this.toUnits = toUnits;
    this.page = page;
    this.whole = whole;
    this.names = names;
  }

  /**
   * @param name how error sentences call the file
   * @param events the file's, with nothing from outside it
   * @param width of the file in its own units, as the quick library has found it
   * @return none if the library cannot make anything of the file
   * @throws InvalidInput if the file is damaged
   */
  static Optional<SvgTree> of(String name, Events events, double width, double height) {
    Set<String> leftOut = new HashSet<>();
    while (leftOut.size() <= MOST_LEFT_OUT) {
      SVGOMDocument document = document(name, events);
      Element svg = document.getDocumentElement();
      svg.setAttribute("width", Double.toString(width));
      svg.setAttribute("height", Double.toString(height));
      SvgTreeMends.mend(svg);
      SvgReferences references = new SvgReferences(svg);
      references.forgetLost(svg);
      SvgPaintFallbacks.settle(svg, references);
      boolean known = SvgFilterLists.settle(svg);
      if (SvgUses.expanded(svg) > MOST_ELEMENTS) {
        return Optional.empty();
      }
      leftOut.forEach(place -> leaveOut(svg, place));
      try {
        return Optional.of(built(name, document, width, height, known && leftOut.isEmpty()));
      } catch (BridgeException e) {
        if (e.getElement() == null || !leftOut.add(place(e))) {
          return Optional.empty();
        }
      } catch (InvalidInput e) {
        throw e;
      } catch (RuntimeException e) {
        return Optional.empty(); // The library's own mistakes: the quick one has to do.
      }
    }
    return Optional.empty();
  }

  private static SvgTree built(
      String name, SVGOMDocument document, double width, double height, boolean whole) {
    SvgTreeHost host = new SvgTreeHost(width, height);
    SvgTreeNames names = new SvgTreeNames();
    BridgeContext context =
        new BridgeContext(host, new NoDocuments(host)) {
          @Override
          public void bind(Node made, GraphicsNode node) {
            if (made instanceof Element element) {
              names.made(node, element);
            }
          }

          @Override
          public void registerSVGBridges() {
            super.registerSVGBridges();
            putBridge(new SvgBlur.Bridge());
            putBridge(new SvgConvolution.Bridge());
            putBridge(new SvgCones());
            putBridge(new SvgShares.Offset());
            putBridge(new SvgShares.Morphology());
          }
        };
    context.setDynamicState(BridgeContext.INTERACTIVE); // Or it would not say what is made of what.
    GraphicsNode root = new GVTBuilder().build(context, document);
    Dimension2D size = context.getDocumentSize();
    AffineTransform toUnits =
        AffineTransform.getScaleInstance(width / size.getWidth(), height / size.getHeight());
    Rectangle2D page = new Rectangle2D.Double(0, 0, size.getWidth(), size.getHeight());
    SvgTree tree = new SvgTree(name, root, toUnits, page, whole, names);
    tree.figures(new AffineTransform()); // Much is built, and found wanting, when it is drawn.
    return tree;
  }

  private static SVGOMDocument document(String name, Events events) {
    try {
      DOMResult plain = new DOMResult();
      TransformerFactory.newDefaultInstance()
          .newTransformer()
          .transform(new StAXSource(new SvgNamespace(events.read())), plain);
      SVGOMDocument document =
          (SVGOMDocument)
              DOMUtilities.deepCloneDocument(
                  (Document) plain.getNode(), SVGDOMImplementation.getDOMImplementation());
      document.setParsedURL(new ParsedURL(ADDRESS));
      return document;
    } catch (TransformerException | XMLStreamException e) {
      throw new InvalidInput(
          Sentence.of("The SVG file \"%s\" is damaged; save it again.", name), e);
    }
  }

  /** Where in the file what could not be read stands: steps down the tree, then an attribute. */
  private static String place(BridgeException e) {
    StringBuilder steps = new StringBuilder();
    for (Node node = e.getElement();
        node.getParentNode() instanceof Element;
        node = node.getParentNode()) {
      steps.insert(0, elementsBefore(node) + "/");
    }
    return steps + attribute(e);
  }

  /** Which attribute is wrong; empty if the element itself is. */
  private static String attribute(BridgeException e) {
    if (ErrorConstants.ERR_ATTRIBUTE_VALUE_MALFORMED.equals(e.getCode())) {
      for (int i = 0; i < e.getElement().getAttributes().getLength(); i++) {
        Attr attribute = (Attr) e.getElement().getAttributes().item(i);
        if (e.getMessage().contains("\"" + attribute.getName() + "\"")) {
          return attribute.getName();
        }
      }
    }
    return "";
  }

  private static int elementsBefore(Node node) {
    int count = 0;
    for (Node one = node.getPreviousSibling(); one != null; one = one.getPreviousSibling()) {
      count += one instanceof Element ? 1 : 0;
    }
    return count;
  }

  private static void leaveOut(Element svg, String place) {
    String[] steps = place.split("/", -1);
    Element element = svg;
    for (int i = 0; i < steps.length - 1; i++) {
      element = child(element, Integer.parseInt(steps[i]));
    }
    String attribute = steps[steps.length - 1];
    if (attribute.isEmpty()) {
      // Hidden, not taken away: the steps to what comes after it must stay the same.
      element.setAttribute("display", "none");
    } else {
      element.removeAttribute(attribute);
    }
  }

  private static Element child(Element element, int number) {
    int left = number;
    for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element child && left-- == 0) {
        return child;
      }
    }
    throw new IllegalStateException("The file is read the same every time.");
  }

  /** Whether all of the file could be read. */
  boolean whole() {
    return whole;
  }

  /**
   * What is drawn, in pixels. The library's trees are for one thread at a time.
   *
   * @param toPixels from the file's units
   */
  FigureList figures(AffineTransform toPixels) {
    FigureList figures = new FigureList();
    draw(toPixels, figures, (node, on, figuresBefore) -> {});
    return figures;
  }

  /** Those that the file gives its figures, in their order; empty for those without one. */
  List<String> names() {
    FigureList figures = new FigureList();
    SvgTreeNames.Gathered gathered = names.new Gathered(figures);
    draw(new AffineTransform(), figures, gathered::drawn);
    return gathered.names();
  }

  private synchronized void draw(
      AffineTransform toPixels, FigureList figures, SvgTreeWalk.Drawn drawn) {
    AffineTransform to = new AffineTransform(toPixels);
    to.concatenate(toUnits);
    FigureRecorder recorder = FigureRecorder.ofChangingImages(figures, to);
    recorder.setRenderingHint(RenderingHintsKeyExt.KEY_BUFFERED_IMAGE, NO_IMAGE);
    recorder.clip(page);
    try {
      SvgTreeWalk.draw(root, recorder, drawn);
    } catch (OutOfMemoryError e) {
      throw ReaderNotes.tooLarge(name, e);
    }
  }
}
