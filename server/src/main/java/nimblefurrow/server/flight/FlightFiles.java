package nimblefurrow.server.flight;

import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.server.flight.FlightDesk.Planned;
import org.locationtech.jts.geom.Coordinate;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes a flight plan as GeoJSON and as KML. */
@Component
class FlightFiles {
  private final JsonMapper json;

  FlightFiles(JsonMapper json) {
    this.json = json;
  }

  byte[] geoJson(Planned planned) {
    ObjectNode collection = json.createObjectNode().put("type", "FeatureCollection");
    ArrayNode features = collection.putArray("features");
    ObjectNode home = feature(features, "filling place", 0);
    ObjectNode point = home.putObject("geometry").put("type", "Point");
    coordinate(point.putArray("coordinates"), planned.plan().home());
    int number = 0;
    for (FlightPlan.Flight flight : planned.plan().flights()) {
      number++;
      for (FlightPlan.Leg leg : flight.legs()) {
        ObjectNode line = feature(features, leg.spreading() ? "swath" : "ferry", number);
        ObjectNode properties = (ObjectNode) line.get("properties");
        properties.put("pounds", flight.pounds().pounds());
        ObjectNode geometry = line.putObject("geometry").put("type", "LineString");
        ArrayNode coordinates = geometry.putArray("coordinates");
        leg.points().forEach(c -> coordinate(coordinates.addArray(), c));
      }
    }
    return json.writeValueAsBytes(collection);
  }

  private static ObjectNode feature(ArrayNode features, String kind, int flight) {
    ObjectNode feature = features.addObject().put("type", "Feature");
    feature.putObject("properties").put("kind", kind).put("flight", flight);
    return feature;
  }

  private static void coordinate(ArrayNode array, Coordinate c) {
    array.add(Math.round(c.x * 1e7) / 1e7).add(Math.round(c.y * 1e7) / 1e7);
  }

  byte[] kml(Planned planned) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(bytes, "UTF-8");
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeStartElement("kml");
      xml.writeDefaultNamespace("http://www.opengis.net/kml/2.2");
      xml.writeStartElement("Document");
      text(xml, "name", planned.field().field().name() + ", " + planned.blend().name());
      xml.writeStartElement("Placemark");
      text(xml, "name", "Filling place");
      xml.writeStartElement("Point");
      text(xml, "coordinates", place(planned.plan().home()));
      xml.writeEndElement();
      xml.writeEndElement();
      int number = 0;
      for (FlightPlan.Flight flight : planned.plan().flights()) {
        xml.writeStartElement("Folder");
        text(
            xml,
            "name",
            String.format(Locale.ROOT, "Flight %d: %.0f lb", ++number, flight.pounds().pounds()));
        for (FlightPlan.Leg leg : flight.legs()) {
          xml.writeStartElement("Placemark");
          text(xml, "name", leg.spreading() ? "swath" : "ferry");
          xml.writeStartElement("LineString");
          text(xml, "coordinates", places(leg.points()));
          xml.writeEndElement();
          xml.writeEndElement();
        }
        xml.writeEndElement();
      }
      xml.writeEndElement();
      xml.writeEndElement();
      xml.writeEndDocument();
      xml.flush();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("a flight plan cannot be written", e);
    }
    return bytes.toByteArray();
  }

  private static void text(XMLStreamWriter xml, String element, String content)
      throws XMLStreamException {
    xml.writeStartElement(element);
    xml.writeCharacters(content);
    xml.writeEndElement();
  }

  private static String places(List<Coordinate> points) {
    return points.stream().map(FlightFiles::place).collect(Collectors.joining(" "));
  }

  private static String place(Coordinate c) {
    return String.format(Locale.ROOT, "%.7f,%.7f", c.x, c.y);
  }
}
