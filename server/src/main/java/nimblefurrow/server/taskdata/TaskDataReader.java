package nimblefurrow.server.taskdata;

import static nimblefurrow.server.taskdata.Attributes.degrees;
import static nimblefurrow.server.taskdata.Attributes.id;
import static nimblefurrow.server.taskdata.Attributes.said;
import static nimblefurrow.server.taskdata.Attributes.whole;
import static nimblefurrow.server.taskdata.Attributes.wrong;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.files.Unpacked;
import nimblefurrow.server.taskdata.TaskData.Measure;
import nimblefurrow.server.taskdata.TaskData.PartField;
import nimblefurrow.server.taskdata.TaskData.Rate;
import nimblefurrow.server.taskdata.TaskData.RateGrid;
import nimblefurrow.server.taskdata.TaskData.Task;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Reads task data, ours or a terminal's, and refuses by name what the structure does not allow: an
 * id that is none or names nothing, a number that is none, a grid whose file has another size.
 * Document types and outside entities are refused. What we have no use for is passed over.
 */
final class TaskDataReader {
  private static final int MOST_PARTS = 5_000;

  private final Map<String, byte[]> grids;
  private final Map<String, Integer> fieldIds = new HashMap<>();
  private final Map<String, Integer> productIds = new HashMap<>();
  private final List<PartField> fields = new ArrayList<>();
  private final List<String> products = new ArrayList<>();
  private final List<OpenTask> open = new ArrayList<>();
  private String farm = "";
  private final Outline outline = new Outline();

  private PendingField field;
  private OpenTask task;
  private List<OpenRate> zone;

  private record PendingField(String id, String name, long area, List<Polygon> parts) {}

  private record OpenRate(String measure, int value, String product) {}

  /** A task whose references are looked up once everything is read. */
  private static final class OpenTask {
    private final String name;
    private final String field;
    private final Map<Integer, List<OpenRate>> zones = new HashMap<>();
    private int usual;
    private Map<String, String> grid;

    OpenTask(String name, String field) {
      this.name = name;
      this.field = field;
    }
  }

  private TaskDataReader(Map<String, byte[]> grids) {
    this.grids = grids;
  }

  /**
   * Reads a zip.
   *
   * @throws OutOfRange where there is no task data in it, or as below
   */
  static TaskData read(byte[] zip) {
    Map<String, byte[]> files =
        Unpacked.of(zip, name -> name.endsWith("taskdata.xml") || name.endsWith(".bin"));
    byte[] main = null;
    Map<String, byte[]> grids = new HashMap<>();
    for (Map.Entry<String, byte[]> file : files.entrySet()) {
      String name = file.getKey().substring(file.getKey().lastIndexOf('/') + 1);
      if (name.equals("taskdata.xml")) {
        main = file.getValue();
      } else {
        grids.put(name.substring(0, name.length() - 4).toUpperCase(Locale.ROOT), file.getValue());
      }
    }
    if (main == null) {
      throw wrong("there is no TASKDATA.XML in this zip");
    }
    return read(main, grids);
  }

  /**
   * Reads it.
   *
   * @param main the XML file
   * @param grids the grids' files by name in capitals, without their ending
   * @throws OutOfRange where it is no task data, or not put together as it should be
   */
  static TaskData read(byte[] main, Map<String, byte[]> grids) {
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    TaskDataReader reader = new TaskDataReader(grids);
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(main));
      boolean first = true;
      while (xml.hasNext()) {
        int event = xml.next();
        if (event == XMLStreamConstants.START_ELEMENT) {
          if (first && !xml.getLocalName().equals("ISO11783_TaskData")) {
            throw wrong("this is no task data: it begins with " + xml.getLocalName());
          }
          first = false;
          reader.start(xml);
        } else if (event == XMLStreamConstants.END_ELEMENT) {
          reader.end(xml.getLocalName());
        }
      }
    } catch (XMLStreamException broken) {
      throw wrong(
          "this is no task data: line %d cannot be read"
              .formatted(broken.getLocation().getLineNumber()));
    }
    return reader.put();
  }

  private void start(XMLStreamReader xml) {
    switch (xml.getLocalName()) {
      case "FRM" -> farm = farm.isEmpty() ? said(xml, "B") : farm;
      case "PDT" -> {
        few(products.size());
        productIds.put(id(xml, "PDT"), products.size());
        products.add(said(xml, "B"));
      }
      case "PFD" -> {
        few(fields.size());
        field =
            new PendingField(id(xml, "PFD"), said(xml, "C"), whole(xml, "D"), new ArrayList<>());
      }
      case "PLN" -> outline.begins();
      case "LSG" -> outline.lineBegins(said(xml, "A"));
      case "PNT" -> {
        if (outline.takesPoints()) {
          outline.point(degrees(xml, "D", 180), degrees(xml, "C", 90));
        }
      }
      case "TSK" -> {
        few(open.size());
        id(xml, "TSK");
        long status = whole(xml, "G");
        if (status < 1 || status > 6) {
          throw wrong("a task's status is 1 to 6, got " + status);
        }
        task =
            new OpenTask(
                Optional.ofNullable(xml.getAttributeValue(null, "B")).orElse(""),
                xml.getAttributeValue(null, "E"));
        task.usual = xml.getAttributeValue(null, "H") == null ? 0 : (int) whole(xml, "H");
      }
      case "TZN" -> {
        int code = (int) whole(xml, "A");
        if (code < 0 || code > 254) {
          throw wrong("a treatment zone's code is 0 to 254, got " + code);
        }
        zone = new ArrayList<>();
        if (task != null) {
          task.zones.put(code, zone);
        }
      }
      case "PDV" -> {
        if (zone != null) {
          String measure = said(xml, "A");
          if (!measure.matches("[0-9A-Fa-f]{4}")) {
            throw wrong("what a rate measures has four hexadecimal digits, got " + measure);
          }
          long value = whole(xml, "B");
          if (value < 0 || value > Integer.MAX_VALUE) {
            throw wrong("a rate is 0 to %,d, got %,d".formatted(Integer.MAX_VALUE, value));
          }
          zone.add(new OpenRate(measure, (int) value, xml.getAttributeValue(null, "C")));
        }
      }
      case "GRD" -> {
        if (task != null) {
          task.grid = new HashMap<>();
          for (int i = 0; i < xml.getAttributeCount(); i++) {
            task.grid.put(xml.getAttributeLocalName(i), xml.getAttributeValue(i));
          }
        }
      }
      default -> {}
    }
  }

  private void end(String name) {
    switch (name) {
      case "LSG" -> outline.lineEnds();
      case "PLN" -> {
        Optional<Polygon> part = outline.ends();
        if (field != null) {
          part.ifPresent(field.parts()::add);
        }
      }
      case "PFD" -> {
        Geometry shape =
            field.parts().size() == 1
                ? field.parts().get(0)
                : Outline.SHAPES.createMultiPolygon(field.parts().toArray(Polygon[]::new));
        fieldIds.put(field.id(), fields.size());
        fields.add(new PartField(field.name(), field.area(), shape));
        field = null;
      }
      case "TZN" -> zone = null;
      case "TSK" -> {
        open.add(task);
        task = null;
      }
      default -> {}
    }
  }

  private TaskData put() {
    return new TaskData(farm, fields, products, open.stream().map(this::task).toList());
  }

  private Task task(OpenTask told) {
    Integer on = told.field == null ? null : fieldIds.get(told.field);
    if (told.field != null && on == null) {
      throw wrong(
          "task %s speaks of field %s, which is not there".formatted(told.name, told.field));
    }
    int code = told.grid == null ? told.usual : GridFile.number(told.grid, "J");
    List<OpenRate> rates = told.zones.getOrDefault(code, List.of());
    List<Rate> known = new ArrayList<>();
    for (OpenRate rate : rates) {
      Integer product = rate.product() == null ? null : productIds.get(rate.product());
      if (rate.product() != null && product == null) {
        throw wrong(
            "task %s speaks of product %s, which is not there"
                .formatted(told.name, rate.product()));
      }
      Optional<Measure> measure = Measure.read(rate.measure());
      if (product != null && measure.isPresent()) {
        known.add(new Rate(product, measure.get(), rate.value()));
      }
    }
    Optional<RateGrid> grid =
        told.grid == null || rates.isEmpty()
            ? Optional.empty()
            : Optional.of(GridFile.read(told.grid, rates.size(), grids));
    return new Task(told.name, on == null ? -1 : on, known, grid);
  }

  private static void few(int now) {
    if (now >= MOST_PARTS) {
      throw wrong("a file holds at most %,d of a kind".formatted(MOST_PARTS));
    }
  }
}
