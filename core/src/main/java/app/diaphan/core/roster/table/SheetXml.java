package app.diaphan.core.roster.table;

import java.io.InputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** XML of workbooks, read from begin to end, without anything from outside. */
final class SheetXml {
  private SheetXml() {}

  static XMLStreamReader reader(InputStream in) throws XMLStreamException {
    // The platform's own; what a library puts on the class path may follow other settings.
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    return factory.createXMLStreamReader(in);
  }

  /** Empty if there is no such attribute. */
  static String attribute(XMLStreamReader at, String name) {
    for (int i = 0; i < at.getAttributeCount(); i++) {
      if (at.getAttributeLocalName(i).equals(name)) {
        return at.getAttributeValue(i);
      }
    }
    return "";
  }
}
