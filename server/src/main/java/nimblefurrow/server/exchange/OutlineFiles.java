package nimblefurrow.server.exchange;

import com.linuxense.javadbf.DBFDataType;
import com.linuxense.javadbf.DBFField;
import com.linuxense.javadbf.DBFWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import nimblefurrow.server.platform.files.GeoJson;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Outlines of fields as others read them: GeoJSON, KML and a zipped shapefile. */
@Component
public class OutlineFiles {
  /** A field to go to, in longitude and latitude. */
  public record Outline(String name, double acres, Geometry shape) {}

  private static final int POLYGON = 5;
  private static final int HEADER = 100;
  private static final int FILE_CODE = 9994;
  private static final int VERSION = 1000;
  private static final int NAME_LENGTH = 80;
  private static final String WGS84 =
      "GEOGCS[\"GCS_WGS_1984\",DATUM[\"D_WGS_1984\",SPHEROID[\"WGS_1984\",6378137.0,298.257223563]],"
          + "PRIMEM[\"Greenwich\",0.0],UNIT[\"Degree\",0.0174532925199433]]";

  private final JsonMapper json;

  OutlineFiles(JsonMapper json) {
    this.json = json;
  }

  public byte[] geoJson(List<Outline> outlines) {
    ObjectNode collection = json.createObjectNode().put("type", "FeatureCollection");
    ArrayNode features = collection.putArray("features");
    for (Outline outline : outlines) {
      ObjectNode feature = features.addObject().put("type", "Feature");
      feature
          .putObject("properties")
          .put("name", outline.name())
          .put("acres", Math.round(outline.acres() * 1000) / 1000.0);
      feature.set("geometry", json.readTree(GeoJson.text(outline.shape())));
    }
    return json.writeValueAsBytes(collection);
  }

  public byte[] kml(List<Outline> outlines) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(bytes, "UTF-8");
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeStartElement("kml");
      xml.writeDefaultNamespace("http://www.opengis.net/kml/2.2");
      xml.writeStartElement("Document");
      for (Outline outline : outlines) {
        xml.writeStartElement("Placemark");
        text(xml, "name", outline.name());
        xml.writeStartElement("MultiGeometry");
        for (Polygon polygon : polygons(outline.shape())) {
          xml.writeStartElement("Polygon");
          ring(xml, "outerBoundaryIs", polygon.getExteriorRing());
          for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            ring(xml, "innerBoundaryIs", polygon.getInteriorRingN(i));
          }
          xml.writeEndElement();
        }
        xml.writeEndElement();
        xml.writeEndElement();
      }
      xml.writeEndElement();
      xml.writeEndElement();
      xml.writeEndDocument();
      xml.flush();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("outlines cannot be written", e);
    }
    return bytes.toByteArray();
  }

  private static void ring(XMLStreamWriter xml, String side, LinearRing ring)
      throws XMLStreamException {
    xml.writeStartElement(side);
    xml.writeStartElement("LinearRing");
    text(
        xml,
        "coordinates",
        java.util.Arrays.stream(ring.getCoordinates())
            .map(c -> String.format(Locale.ROOT, "%.7f,%.7f", c.x, c.y))
            .collect(Collectors.joining(" ")));
    xml.writeEndElement();
    xml.writeEndElement();
  }

  private static void text(XMLStreamWriter xml, String element, String content)
      throws XMLStreamException {
    xml.writeStartElement(element);
    xml.writeCharacters(content);
    xml.writeEndElement();
  }

  public byte[] shapefile(List<Outline> outlines) {
    List<byte[]> records = outlines.stream().map(o -> polygonRecord(o.shape())).toList();
    Envelope all = new Envelope();
    outlines.forEach(o -> all.expandToInclude(o.shape().getEnvelopeInternal()));
    ByteArrayOutputStream shp = new ByteArrayOutputStream();
    ByteArrayOutputStream shx = new ByteArrayOutputStream();
    int bytes = HEADER + records.stream().mapToInt(r -> r.length + 8).sum();
    shp.writeBytes(header(bytes, all));
    shx.writeBytes(header(HEADER + 8 * records.size(), all));
    int at = HEADER;
    for (int i = 0; i < records.size(); i++) {
      byte[] record = records.get(i);
      shp.writeBytes(ByteBuffer.allocate(8).putInt(i + 1).putInt(record.length / 2).array());
      shp.writeBytes(record);
      shx.writeBytes(ByteBuffer.allocate(8).putInt(at / 2).putInt(record.length / 2).array());
      at += record.length + 8;
    }
    ByteArrayOutputStream zip = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(zip)) {
      entry(out, "fields.shp", shp.toByteArray());
      entry(out, "fields.shx", shx.toByteArray());
      entry(out, "fields.dbf", table(outlines));
      entry(out, "fields.prj", WGS84.getBytes(StandardCharsets.US_ASCII));
      entry(out, "fields.cpg", "UTF-8".getBytes(StandardCharsets.US_ASCII));
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    return zip.toByteArray();
  }

  private static void entry(ZipOutputStream out, String name, byte[] content) throws IOException {
    out.putNextEntry(new ZipEntry(name));
    out.write(content);
    out.closeEntry();
  }

  private static byte[] table(List<Outline> outlines) {
    ByteArrayOutputStream dbf = new ByteArrayOutputStream();
    DBFWriter rows = new DBFWriter(dbf, StandardCharsets.UTF_8);
    DBFField name = new DBFField("NAME", DBFDataType.CHARACTER, NAME_LENGTH);
    DBFField acres = new DBFField("ACRES", DBFDataType.NUMERIC, 12, 3);
    rows.setFields(new DBFField[] {name, acres});
    outlines.forEach(o -> rows.addRecord(new Object[] {o.name(), o.acres()}));
    rows.close();
    return dbf.toByteArray();
  }

  private static byte[] header(int bytes, Envelope all) {
    ByteBuffer head = ByteBuffer.allocate(HEADER);
    head.putInt(FILE_CODE).position(24);
    head.putInt(bytes / 2).order(ByteOrder.LITTLE_ENDIAN).putInt(VERSION).putInt(POLYGON);
    box(head, all);
    return head.array();
  }

  private static void box(ByteBuffer to, Envelope box) {
    to.putDouble(box.getMinX()).putDouble(box.getMinY());
    to.putDouble(box.getMaxX()).putDouble(box.getMaxY());
  }

  /** Outer rings run clockwise here, holes the other way. */
  private static byte[] polygonRecord(Geometry shape) {
    List<Coordinate[]> rings = new ArrayList<>();
    for (Polygon polygon : polygons(shape)) {
      rings.add(turned(polygon.getExteriorRing(), false));
      for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
        rings.add(turned(polygon.getInteriorRingN(i), true));
      }
    }
    int points = rings.stream().mapToInt(r -> r.length).sum();
    ByteBuffer out = ByteBuffer.allocate(44 + 4 * rings.size() + 16 * points);
    out.order(ByteOrder.LITTLE_ENDIAN).putInt(POLYGON);
    box(out, shape.getEnvelopeInternal());
    out.putInt(rings.size()).putInt(points);
    int first = 0;
    for (Coordinate[] ring : rings) {
      out.putInt(first);
      first += ring.length;
    }
    rings.forEach(ring -> List.of(ring).forEach(c -> out.putDouble(c.x).putDouble(c.y)));
    return out.array();
  }

  private static Coordinate[] turned(LinearRing ring, boolean leftAround) {
    boolean left = Orientation.isCCW(ring.getCoordinates());
    return (left == leftAround ? ring : ring.reverse()).getCoordinates();
  }

  private static List<Polygon> polygons(Geometry shape) {
    List<Polygon> all = new ArrayList<>();
    for (int i = 0; i < shape.getNumGeometries(); i++) {
      all.add((Polygon) shape.getGeometryN(i));
    }
    return all;
  }
}
