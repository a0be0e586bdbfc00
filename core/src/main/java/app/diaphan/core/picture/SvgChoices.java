package app.diaphan.core.picture;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import javax.xml.namespace.QName;
import javax.xml.stream.XMLEventFactory;
import javax.xml.stream.XMLEventReader;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.events.Attribute;
import javax.xml.stream.events.EndElement;
import javax.xml.stream.events.StartElement;
import javax.xml.stream.events.XMLEvent;
import javax.xml.stream.util.EventReaderDelegate;
import org.jspecify.annotations.Nullable;

/**
 * Makes the choices that an SVG file leaves to whoever shows it (W3C SVG 2, section 5.9): of a
 * {@code switch} the first element that can be shown stays, in a plain group; and what is meant for
 * another language is left out. The library knows neither. Words are taken in English: what a file
 * shows must not depend on the machine.
 */
final class SvgChoices extends EventReaderDelegate {
  private static final String LANGUAGE = "en";

  /** Features of SVG 1.1 (appendix G) that a still does not have. */
  private static final Pattern MOVING =
      Pattern.compile("(?i)DOM|Script|Animat|Events|Cursor|View\\b|dynamic|all\\b");

  private static final XMLEventFactory EVENTS = XMLEventFactory.newInstance();

  /** Of a switch that is open: whether one of its elements was chosen already. */
  private static final class Open {
    private final boolean choosing;
    private boolean chosen;

    private Open(boolean choosing) {
      this.choosing = choosing;
    }
  }

  private final Deque<Open> open = new ArrayDeque<>();

  /** Looked at already but not taken; null for none. */
  private @Nullable XMLEvent ahead;

  SvgChoices(XMLEventReader reader) {
    super(reader);
  }

  @Override
  public XMLEvent nextEvent() throws XMLStreamException {
    XMLEvent next = ahead == null ? chosen() : ahead;
    ahead = null;
    return next;
  }

  private XMLEvent chosen() throws XMLStreamException {
    while (true) {
      XMLEvent event = super.nextEvent();
      if (event.isStartElement()) {
        StartElement element = event.asStartElement();
        if (!shown(element)) {
          skip();
          continue;
        }
        boolean choosing = element.getName().getLocalPart().equals("switch");
        open.push(new Open(choosing));
        return choosing ? asGroup(element) : event;
      }
      if (event.isEndElement()) {
        boolean choosing = !open.isEmpty() && open.pop().choosing;
        EndElement end = event.asEndElement();
        return choosing
            ? EVENTS.createEndElement(group(end.getName()), end.getNamespaces())
            : event;
      }
      return event;
    }
  }

  /** What comes next is not known before the choice is made, so it is made and kept. */
  @Override
  public XMLEvent peek() throws XMLStreamException {
    if (ahead == null && super.hasNext()) {
      ahead = chosen();
    }
    return ahead;
  }

  @Override
  public boolean hasNext() {
    return ahead != null || super.hasNext();
  }

  private boolean shown(StartElement element) {
    boolean can = canBeShown(element);
    Open around = open.peek();
    if (around == null || !around.choosing || isOnlyTold(element)) {
      return can;
    }
    if (around.chosen || !can) {
      return false;
    }
    around.chosen = true;
    return true;
  }

  /** Titles and the like belong to the switch itself and are no choice. */
  private static boolean isOnlyTold(StartElement element) {
    return List.of("title", "desc", "metadata").contains(element.getName().getLocalPart());
  }

  private static boolean canBeShown(StartElement element) {
    String namespace = element.getName().getNamespaceURI();
    return (namespace.isEmpty() || namespace.equals("http://www.w3.org/2000/svg"))
            && !element.getName().getLocalPart().equals("foreignObject")
            && value(element, "requiredExtensions").isEmpty()
            && !MOVING.matcher(value(element, "requiredFeatures")).find()
            && knownLanguage(element)
        || isOnlyTold(element);
  }

  private static boolean knownLanguage(StartElement element) {
    Attribute wanted = element.getAttributeByName(new QName("systemLanguage"));
    return wanted == null
        || Arrays.stream(wanted.getValue().split(","))
            .map(language -> language.strip().toLowerCase(Locale.ROOT))
            .anyMatch(language -> language.equals(LANGUAGE) || language.startsWith(LANGUAGE + "-"));
  }

  private static String value(StartElement element, String name) {
    Attribute attribute = element.getAttributeByName(new QName(name));
    return attribute == null ? "" : attribute.getValue().strip();
  }

  private void skip() throws XMLStreamException {
    int depth = 1;
    while (depth > 0) {
      XMLEvent event = super.nextEvent();
      depth += event.isStartElement() ? 1 : event.isEndElement() ? -1 : 0;
    }
  }

  private static XMLEvent asGroup(StartElement element) {
    List<Attribute> attributes = new ArrayList<>();
    element.getAttributes().forEachRemaining(attributes::add);
    return EVENTS.createStartElement(
        group(element.getName()), attributes.iterator(), element.getNamespaces());
  }

  private static QName group(QName name) {
    return new QName(name.getNamespaceURI(), "g", name.getPrefix());
  }
}
