package app.diaphan.core.picture;

import javax.xml.namespace.QName;
import javax.xml.stream.XMLEventFactory;
import javax.xml.stream.XMLEventReader;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.events.EndElement;
import javax.xml.stream.events.StartElement;
import javax.xml.stream.events.XMLEvent;
import javax.xml.stream.util.EventReaderDelegate;

/** Elements that say of no language that they are of it are SVG's: files are found without it. */
final class SvgNamespace extends EventReaderDelegate {
  private static final String SVG = "http://www.w3.org/2000/svg";
  private static final XMLEventFactory EVENTS = XMLEventFactory.newInstance();

  SvgNamespace(XMLEventReader reader) {
    super(reader);
  }

  @Override
  public XMLEvent nextEvent() throws XMLStreamException {
    return named(super.nextEvent());
  }

  @Override
  public XMLEvent peek() throws XMLStreamException {
    XMLEvent next = super.peek();
    return next == null ? null : named(next);
  }

  private static XMLEvent named(XMLEvent event) {
    if (event instanceof StartElement start && isUnnamed(start.getName())) {
      return EVENTS.createStartElement(
          svg(start.getName()), start.getAttributes(), start.getNamespaces());
    }
    if (event instanceof EndElement end && isUnnamed(end.getName())) {
      return EVENTS.createEndElement(svg(end.getName()), end.getNamespaces());
    }
    return event;
  }

  private static boolean isUnnamed(QName name) {
    return name.getNamespaceURI().isEmpty();
  }

  private static QName svg(QName name) {
    return new QName(SVG, name.getLocalPart());
  }
}
