package app.diaphan.core.picture;

import java.awt.geom.Dimension2D;
import org.apache.batik.anim.dom.SVGDOMImplementation;
import org.apache.batik.bridge.ExternalResourceSecurity;
import org.apache.batik.bridge.FontFamilyResolver;
import org.apache.batik.bridge.NoLoadExternalResourceSecurity;
import org.apache.batik.bridge.NoLoadScriptSecurity;
import org.apache.batik.bridge.ScriptSecurity;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.util.ParsedURL;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.svg.SVGDocument;

/**
 * What the library that draws trees is told of the world around the file: that there is none. What
 * it complains about is not shown to anybody, since it goes on without.
 */
final class SvgTreeHost extends UserAgentAdapter {
  private static final String INLINE = "data";

  private final double width;
  private final double height;

  SvgTreeHost(double width, double height) {
    this.width = width;
    this.height = height;
  }

  @Override
  public Dimension2D getViewportSize() {
    return new Dimension2D() {
      @Override
      public double getWidth() {
        return width;
      }

      @Override
      public double getHeight() {
        return height;
      }

      @Override
      public void setSize(double across, double down) {
        throw new UnsupportedOperationException("A file's size is its own.");
      }
    };
  }

  @Override
  public ScriptSecurity getScriptSecurity(String kind, ParsedURL script, ParsedURL file) {
    return new NoLoadScriptSecurity(kind);
  }

  @Override
  public void checkLoadScript(String kind, ParsedURL script, ParsedURL file) {
    getScriptSecurity(kind, script, file).checkLoadScript();
  }

  @Override
  public ExternalResourceSecurity getExternalResourceSecurity(ParsedURL resource, ParsedURL file) {
    boolean inFile =
        INLINE.equals(resource.getProtocol())
            || file != null && resource.getPath() != null && resource.sameFile(file);
    return inFile ? () -> {} : new NoLoadExternalResourceSecurity();
  }

  @Override
  public void checkLoadExternalResource(ParsedURL resource, ParsedURL file) {
    getExternalResourceSecurity(resource, file).checkLoadExternalResource();
  }

  /** A picture within the file that cannot be read is drawn as nothing. */
  @Override
  public SVGDocument getBrokenLinkDocument(Element element, String address, String message) {
    Document empty =
        SVGDOMImplementation.getDOMImplementation()
            .createDocument("http://www.w3.org/2000/svg", "svg", null);
    return (SVGDocument) empty;
  }

  @Override
  public FontFamilyResolver getFontFamilyResolver() {
    return SvgTreeFonts.SHIPPED;
  }

  @Override
  public void displayError(String message) {}

  @Override
  public void displayError(Exception error) {}

  @Override
  public void displayMessage(String message) {}
}
