package nimblefurrow.server.taskdata;

import javax.xml.stream.XMLStreamReader;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * What stands in an element of task data; what is lacking or is no number is refused by its name.
 */
final class Attributes {
  private static final String ID = "-?[0-9]{1,10}";

  private Attributes() {}

  static OutOfRange wrong(String says) {
    return new OutOfRange("file", says);
  }

  static String id(XMLStreamReader xml, String kind) {
    String id = said(xml, "A");
    if (!id.matches(kind + ID)) {
      throw wrong("%s is no name of a %s".formatted(id, kind));
    }
    return id;
  }

  static String said(XMLStreamReader xml, String attribute) {
    String value = xml.getAttributeValue(null, attribute);
    if (value == null) {
      throw wrong(
          "%s in line %d lacks its %s"
              .formatted(xml.getLocalName(), xml.getLocation().getLineNumber(), attribute));
    }
    return value;
  }

  static long whole(XMLStreamReader xml, String attribute) {
    String text = said(xml, attribute);
    try {
      return Long.parseLong(text);
    } catch (NumberFormatException no) {
      throw wrong("%s %s: %s is no whole number".formatted(xml.getLocalName(), attribute, text));
    }
  }

  static double degrees(XMLStreamReader xml, String attribute, double most) {
    String text = said(xml, attribute);
    try {
      double value = Double.parseDouble(text);
      if (Math.abs(value) <= most) {
        return value;
      }
    } catch (NumberFormatException no) {
      throw wrong("a point has degrees, got " + text);
    }
    throw wrong("a point has degrees of at most %.0f, got %s".formatted(most, text));
  }
}
