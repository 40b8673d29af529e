package nimblefurrow.server.taskdata;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import nimblefurrow.server.taskdata.TaskData.PartField;
import nimblefurrow.server.taskdata.TaskData.Rate;
import nimblefurrow.server.taskdata.TaskData.RateGrid;
import nimblefurrow.server.taskdata.TaskData.Task;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Writes task data as a zip with the folder that a terminal looks for. */
final class TaskDataWriter {
  static final String FOLDER = "TASKDATA/";
  static final String MAIN = "TASKDATA.XML";
  private static final String CUSTOMER = "CTR1";
  private static final String FARM = "FRM1";
  private static final int LONGEST = 32;

  private final ByteArrayOutputStream main = new ByteArrayOutputStream();
  private final XMLStreamWriter xml;
  private int grids;

  private TaskDataWriter() throws XMLStreamException {
    xml = XMLOutputFactory.newFactory().createXMLStreamWriter(main, "UTF-8");
  }

  static byte[] zip(TaskData data) {
    ByteArrayOutputStream zip = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(zip)) {
      TaskDataWriter writer = new TaskDataWriter();
      writer.write(data);
      entry(out, MAIN, writer.main.toByteArray());
      int grid = 0;
      for (Task task : data.tasks()) {
        if (task.grid().isPresent()) {
          entry(out, gridName(++grid) + ".BIN", cells(task.grid().get()));
        }
      }
    } catch (IOException | XMLStreamException impossible) {
      throw new IllegalStateException("task data cannot be written", impossible);
    }
    return zip.toByteArray();
  }

  private static void entry(ZipOutputStream out, String name, byte[] content) throws IOException {
    out.putNextEntry(new ZipEntry(FOLDER + name));
    out.write(content);
    out.closeEntry();
  }

  private static String gridName(int number) {
    return "GRD%05d".formatted(number);
  }

  private static byte[] cells(RateGrid grid) {
    ByteBuffer cells = ByteBuffer.allocate(4 * grid.values().length).order(ByteOrder.LITTLE_ENDIAN);
    for (int value : grid.values()) {
      cells.putInt(value);
    }
    return cells.array();
  }

  private void write(TaskData data) throws XMLStreamException {
    xml.writeStartDocument("UTF-8", "1.0");
    open("ISO11783_TaskData");
    said("VersionMajor", "4");
    said("VersionMinor", "3");
    said("ManagementSoftwareManufacturer", "Nimble Furrow");
    said("ManagementSoftwareVersion", "0.1.0");
    said("DataTransferOrigin", "1");
    empty("CTR", "A", CUSTOMER, "B", shortened(data.farm()));
    empty("FRM", "A", FARM, "B", shortened(data.farm()), "I", CUSTOMER);
    for (int i = 0; i < data.products().size(); i++) {
      empty("PDT", "A", "PDT" + (i + 1), "B", shortened(data.products().get(i)));
    }
    for (int i = 0; i < data.fields().size(); i++) {
      field("PFD" + (i + 1), data.fields().get(i));
    }
    for (int i = 0; i < data.tasks().size(); i++) {
      task("TSK" + (i + 1), data.tasks().get(i));
    }
    xml.writeEndElement();
    xml.writeEndDocument();
    xml.flush();
  }

  private void field(String id, PartField field) throws XMLStreamException {
    open("PFD");
    said("A", id);
    said("C", shortened(field.name()));
    said("D", Long.toString(field.squareMetres()));
    said("E", CUSTOMER);
    said("F", FARM);
    for (int i = 0; i < field.shape().getNumGeometries(); i++) {
      Polygon polygon = (Polygon) field.shape().getGeometryN(i);
      open("PLN");
      said("A", "1");
      ring("1", polygon.getExteriorRing());
      for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
        ring("2", polygon.getInteriorRingN(hole));
      }
      xml.writeEndElement();
    }
    xml.writeEndElement();
  }

  private void ring(String kind, LinearRing ring) throws XMLStreamException {
    open("LSG");
    said("A", kind);
    for (Coordinate c : ring.getCoordinates()) {
      empty("PNT", "A", "2", "C", degrees(c.y), "D", degrees(c.x));
    }
    xml.writeEndElement();
  }

  private void task(String id, Task task) throws XMLStreamException {
    open("TSK");
    said("A", id);
    said("B", shortened(task.name()));
    said("C", CUSTOMER);
    said("D", FARM);
    said("E", "PFD" + (task.field() + 1));
    said("G", "1");
    if (!task.rates().isEmpty()) {
      said("H", "0");
      said("I", "0");
      said("J", "0");
      zone("0", task, task.grid().isEmpty());
      if (task.grid().isPresent()) {
        zone("1", task, true);
        grid(task.grid().get());
      }
    }
    xml.writeEndElement();
  }

  /** Outside of a grid nothing goes out. */
  private void zone(String code, Task task, boolean full) throws XMLStreamException {
    open("TZN");
    said("A", code);
    for (Rate rate : task.rates()) {
      empty(
          "PDV",
          "A",
          rate.measure().written(),
          "B",
          Integer.toString(full ? rate.value() : 0),
          "C",
          "PDT" + (rate.product() + 1));
    }
    xml.writeEndElement();
  }

  private void grid(RateGrid grid) throws XMLStreamException {
    empty(
        "GRD",
        "A",
        degrees(grid.south()),
        "B",
        degrees(grid.west()),
        "C",
        degrees(grid.high()),
        "D",
        degrees(grid.wide()),
        "E",
        Integer.toString(grid.columns()),
        "F",
        Integer.toString(grid.rows()),
        "G",
        gridName(++grids),
        "H",
        Integer.toString(4 * grid.values().length),
        "I",
        "2",
        "J",
        "1");
  }

  private void open(String name) throws XMLStreamException {
    xml.writeStartElement(name);
  }

  private void said(String attribute, String value) throws XMLStreamException {
    xml.writeAttribute(attribute, value);
  }

  private void empty(String name, String... pairs) throws XMLStreamException {
    xml.writeEmptyElement(name);
    for (int i = 0; i < pairs.length; i += 2) {
      said(pairs[i], pairs[i + 1]);
    }
  }

  private static String degrees(double value) {
    return String.format(Locale.ROOT, "%.9f", value);
  }

  /** The standard's words hold 32 letters. */
  private static String shortened(String text) {
    return text.length() <= LONGEST ? text : text.substring(0, LONGEST);
  }
}
