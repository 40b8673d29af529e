package nimblefurrow.server.taskdata;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.files.Unpacked;
import nimblefurrow.server.taskdata.TaskData.Measure;
import nimblefurrow.server.taskdata.TaskData.PartField;
import nimblefurrow.server.taskdata.TaskData.Rate;
import nimblefurrow.server.taskdata.TaskData.RateGrid;
import nimblefurrow.server.taskdata.TaskData.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Task data written, read back, and refused where it is not put together as it should be. */
class TaskDataTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private static Geometry square(double x, double y, double side) {
    return SHAPES.createPolygon(
        new Coordinate[] {
          new Coordinate(x, y),
          new Coordinate(x + side, y),
          new Coordinate(x + side, y + side),
          new Coordinate(x, y + side),
          new Coordinate(x, y)
        });
  }

  private static TaskData sample() {
    Geometry field = square(-97, 40, 0.004);
    List<Rate> seed =
        List.of(new Rate(0, Measure.MASS, Measure.MASS.of(60)), new Rate(1, Measure.MASS, 1345));
    return new TaskData(
        "Sorrel & Bend",
        List.of(new PartField("Ferry <Road>", 150_000, field)),
        List.of("Cereal rye", "Crimson clover", "Spray mix"),
        List.of(
            new Task("Ferry Road drill", 0, seed, Optional.empty()),
            new Task(
                "Knob drill",
                0,
                seed,
                Optional.of(RateGrids.of(field, square(-97, 40, 0.002), seed))),
            new Task(
                "Ferry Road spray",
                0,
                List.of(new Rate(2, Measure.VOLUME, Measure.VOLUME.of(15))),
                Optional.empty())));
  }

  private static String main(byte[] zip) {
    return new String(
        Unpacked.of(zip, name -> name.equals("taskdata/taskdata.xml")).get("taskdata/taskdata.xml"),
        StandardCharsets.UTF_8);
  }

  @Test
  void whatIsWrittenIsReadBack() {
    TaskData read = TaskDataReader.read(TaskDataWriter.zip(sample()));
    assertThat(read.farm()).isEqualTo("Sorrel & Bend");
    assertThat(read.products()).isEqualTo(sample().products());
    assertThat(read.fields().get(0).name()).isEqualTo("Ferry <Road>");
    assertThat(read.fields().get(0).squareMetres()).isEqualTo(150_000);
    assertThat(read.fields().get(0).shape().equalsTopo(sample().fields().get(0).shape())).isTrue();
    assertThat(read.tasks())
        .extracting(Task::name)
        .containsExactly("Ferry Road drill", "Knob drill", "Ferry Road spray");
    assertThat(read.tasks())
        .extracting(Task::rates)
        .isEqualTo(sample().tasks().stream().map(Task::rates).toList());
    RateGrid grid = read.tasks().get(1).grid().orElseThrow();
    assertThat(grid.values()).isEqualTo(sample().tasks().get(1).grid().orElseThrow().values());
    assertThat(read.tasks().get(0).grid()).isEmpty();
  }

  /** 1 lb/ac is 453,592.37 mg on 4,046.8564 m²; 1 gal/ac is 3,785,411.784 mm³ on as many. */
  @Test
  void ratesAreInTheUnitsOfTheStandard() {
    assertThat(Measure.MASS.of(60)).isEqualTo(6725);
    assertThat(Measure.MASS.perAcre(6725)).isCloseTo(60, within(0.01));
    assertThat(Measure.VOLUME.of(15)).isEqualTo(14_031);
    assertThat(main(TaskDataWriter.zip(sample())))
        .contains("<PDV A=\"0006\" B=\"6725\" C=\"PDT1\"/>")
        .contains("<PDV A=\"0001\" B=\"14031\" C=\"PDT3\"/>");
  }

  /** A quarter of the square is worked: a quarter of the cells bear the rate, the rest none. */
  @Test
  void poundsInTheGridArePoundsOnTheGround() {
    RateGrid grid = sample().tasks().get(1).grid().orElseThrow();
    long first = 0;
    for (int i = 0; i < grid.values().length; i += 2) {
      first += grid.values()[i];
    }
    double share = first / 6725.0 / (grid.rows() * grid.columns());
    assertThat(share).isCloseTo(0.25, within(0.02));
    assertThat(grid.values()[0]).isEqualTo(6725);
    assertThat(grid.values()[grid.values().length - 1]).isZero();
  }

  @Test
  void everyReferenceNamesSomethingThatIsThere() {
    String xml = main(TaskDataWriter.zip(sample()));
    List<String> names = new ArrayList<>();
    Matcher own = Pattern.compile("<(?:CTR|FRM|PDT|PFD|TSK) A=\"([^\"]+)\"").matcher(xml);
    while (own.find()) {
      names.add(own.group(1));
    }
    assertThat(names).doesNotHaveDuplicates().contains("CTR1", "FRM1", "PDT3", "PFD1", "TSK3");
    Matcher spoken = Pattern.compile("\"((?:CTR|FRM|PDT|PFD)\\d+)\"").matcher(xml);
    int seen = 0;
    while (spoken.find()) {
      assertThat(names).contains(spoken.group(1));
      seen++;
    }
    assertThat(seen).isGreaterThan(20);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "<ISO11783_TaskData | <Something | begins with Something",
        "C=\"PDT2\" | C=\"PDT9\" | product PDT9, which is not there",
        "E=\"PFD1\" G | E=\"PFD7\" G | field PFD7, which is not there",
        "A=\"TSK1\" | A=\"first\" | first is no name of a TSK",
        "G=\"1\" | G=\"9\" | status is 1 to 6, got 9",
        "C=\"40.000000000\" | C=\"400.0\" | degrees of at most 90, got 400.0",
        "B=\"6725\" | B=\"-5\" | a rate is 0 to",
        "A=\"0006\" | A=\"six\" | four hexadecimal digits, got six",
        "D=\"150000\" | D=\"much\" | PFD D: much is no whole number",
        "I=\"2\" | I=\"1\" | only grids of rates",
        "F=\" | x=\" | lacks its C",
      })
  void whatIsNotPutTogetherIsRefusedByName(String part, String instead, String says) {
    String xml = main(TaskDataWriter.zip(sample()));
    String broken =
        part.startsWith("<ISO")
            ? xml.replace("ISO11783_TaskData", "Something")
            : part.equals("F=\"")
                ? xml.replaceFirst("<PFD A=\"PFD1\" C=", "<PFD A=\"PFD1\" x=")
                : xml.replaceFirst(Pattern.quote(part), instead);
    assertThat(broken).isNotEqualTo(xml);
    assertThatThrownBy(() -> TaskDataReader.read(broken.getBytes(StandardCharsets.UTF_8), grids()))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining(says);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"</PLN> | </PLN><LSG A=\"2\">%s</LSG>", "<LSG A=\"1\" | <LSG A=\"1\"><LSG A=\"1\""})
  void aLineThatBelongsToNoPolygonIsPassedOver(String part, String instead) {
    String xml = main(TaskDataWriter.zip(sample()));
    String point = "<PNT A=\"2\" C=\"40.0\" D=\"-97.0\"/>";
    String odd = xml.replaceFirst(Pattern.quote(part), instead.formatted(point));
    odd =
        part.startsWith("<") && !part.startsWith("</")
            ? odd.replaceFirst("</LSG>", "</LSG></LSG>")
            : odd;
    assertThat(odd).isNotEqualTo(xml);
    TaskData read = TaskDataReader.read(odd.getBytes(StandardCharsets.UTF_8), grids());
    assertThat(read.fields()).hasSize(1);
    assertThat(read.fields().get(0).shape().equalsTopo(square(-97, 40, 0.004))).isTrue();
  }

  private static Map<String, byte[]> grids() {
    Map<String, byte[]> grids = new HashMap<>();
    Unpacked.of(TaskDataWriter.zip(sample()), name -> name.endsWith(".bin"))
        .forEach((name, content) -> grids.put("GRD00001", content));
    return grids;
  }

  @Test
  void aGridOfAnotherSizeIsRefused() {
    byte[] xml = main(TaskDataWriter.zip(sample())).getBytes(StandardCharsets.UTF_8);
    assertThat(TaskDataReader.read(xml, grids()).tasks()).hasSize(3);
    assertThatThrownBy(() -> TaskDataReader.read(xml, Map.of()))
        .hasMessageContaining("is not in this zip");
    assertThatThrownBy(() -> TaskDataReader.read(xml, Map.of("GRD00001", new byte[12])))
        .hasMessageContaining("has 12 bytes");
    String outside =
        "<!DOCTYPE a [<!ENTITY b SYSTEM \"file:///etc/hostname\">]>"
            + "<ISO11783_TaskData>&b;</ISO11783_TaskData>";
    assertThatThrownBy(
            () -> TaskDataReader.read(outside.getBytes(StandardCharsets.UTF_8), Map.of()))
        .isInstanceOf(OutOfRange.class);
  }
}
