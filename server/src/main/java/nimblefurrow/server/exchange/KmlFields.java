package nimblefurrow.server.exchange;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.web.TypedNumber;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * Reads the polygons of a KML file's placemarks; outside entities and document types are refused.
 */
final class KmlFields {
  private static final int MOST_TEXT = 2_000_000;
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private final List<ReadFeature> read = new ArrayList<>();
  private String name;
  private boolean inPlacemark;
  private boolean inner;
  private List<Polygon> polygons;
  private LinearRing outer;
  private List<LinearRing> holes;
  private String problem;
  private Map<String, String> said;
  private String column;

  private KmlFields() {}

  static List<ReadFeature> read(byte[] file) {
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    KmlFields fields = new KmlFields();
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(file));
      while (xml.hasNext()) {
        int event = xml.next();
        if (event == XMLStreamConstants.START_ELEMENT) {
          fields.start(xml);
        } else if (event == XMLStreamConstants.END_ELEMENT) {
          fields.end(xml.getLocalName());
        }
      }
    } catch (XMLStreamException e) {
      throw new OutOfRange(
          "file", "this is no KML: line " + e.getLocation().getLineNumber() + " cannot be read");
    }
    return fields.read;
  }

  private void start(XMLStreamReader xml) throws XMLStreamException {
    switch (xml.getLocalName()) {
      case "Placemark" -> {
        FieldLimit.refuseTooMany(read.size() + 1);
        inPlacemark = true;
        name = "Field " + (read.size() + 1);
        polygons = new ArrayList<>();
        problem = null;
        said = new HashMap<>();
        column = null;
      }
      case "name" -> {
        if (inPlacemark) {
          String text = xml.getElementText().strip();
          name = text.isEmpty() ? name : text.length() > 80 ? text.substring(0, 80) : text;
        }
      }
      case "Data" -> column = xml.getAttributeValue(null, "name");
      case "SimpleData" -> {
        column = xml.getAttributeValue(null, "name");
        tell(xml.getElementText());
      }
      case "value" -> tell(xml.getElementText());
      case "Polygon" -> {
        outer = null;
        holes = new ArrayList<>();
      }
      case "outerBoundaryIs" -> inner = false;
      case "innerBoundaryIs" -> inner = true;
      case "coordinates" -> {
        if (inPlacemark && holes != null) {
          ring(xml.getElementText());
        }
      }
      default -> {}
    }
  }

  /** What a named datum of the placemark says. */
  private void tell(String text) {
    if (inPlacemark && column != null) {
      ReadFeature.tell(said, column, text);
    }
  }

  private void ring(String text) {
    try {
      List<Coordinate> points = new ArrayList<>();
      if (text.length() > MOST_TEXT) {
        throw new IllegalArgumentException("too many points");
      }
      for (String triple : text.strip().split("\\s+")) {
        String[] parts = triple.split(",");
        points.add(
            new Coordinate(
                TypedNumber.number("longitude", parts[0]),
                TypedNumber.number("latitude", parts[1])));
      }
      if (!points.isEmpty() && !points.get(0).equals2D(points.get(points.size() - 1))) {
        points.add(points.get(0).copy());
      }
      LinearRing ring = SHAPES.createLinearRing(points.toArray(Coordinate[]::new));
      if (inner) {
        holes.add(ring);
      } else {
        outer = ring;
      }
    } catch (RuntimeException e) {
      problem =
          "boundary of “" + name + "” cannot be read: its points are not longitude,latitude pairs";
    }
  }

  private void end(String element) {
    if (element.equals("Polygon") && inPlacemark && outer != null) {
      polygons.add(SHAPES.createPolygon(outer, holes.toArray(LinearRing[]::new)));
      holes = null;
    } else if (element.equals("Placemark")) {
      inPlacemark = false;
      if (!polygons.isEmpty() || problem != null) {
        Geometry shape =
            polygons.size() == 1
                ? polygons.get(0)
                : SHAPES.createMultiPolygon(polygons.toArray(Polygon[]::new));
        read.add(new ReadFeature(name, problem == null ? shape : null, problem, said, null));
      }
    }
  }
}
