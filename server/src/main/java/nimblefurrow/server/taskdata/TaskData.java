package nimblefurrow.server.taskdata;

import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * What a terminal is told, or tells.
 *
 * @param products names; a rate speaks of one by its place in this list
 */
record TaskData(String farm, List<PartField> fields, List<String> products, List<Task> tasks) {
  TaskData {
    fields = List.copyOf(fields);
    products = List.copyOf(products);
    tasks = List.copyOf(tasks);
  }

  /**
   * A field.
   *
   * @param squareMetres its area
   * @param shape its outline in longitude and latitude
   */
  record PartField(String name, long squareMetres, Geometry shape) {}

  /**
   * What is to be done on a field.
   *
   * @param field its place in the list of fields
   * @param rates what goes out all over it
   * @param grid where the rate is another from place to place
   */
  record Task(String name, int field, List<Rate> rates, Optional<RateGrid> grid) {}

  /** A product's rate: so much of what is measured. */
  record Rate(int product, Measure measure, int value) {}

  /** What a rate measures, by the standard's number for it. */
  enum Measure {
    /** mm³/m². */
    VOLUME(0x0001, 935.39611),
    /** mg/m². */
    MASS(0x0006, 112.08511);

    private final int number;
    private final double perUsUnit;

    Measure(int number, double perUsUnit) {
      this.number = number;
      this.perUsUnit = perUsUnit;
    }

    /** As the standard writes it: four hexadecimal digits. */
    String written() {
      return "%04X".formatted(number);
    }

    /** From lb/ac or gal/ac. */
    int of(double perAcre) {
      return (int) Math.round(perAcre * perUsUnit);
    }

    /** To lb/ac or gal/ac. */
    double perAcre(int value) {
      return value / perUsUnit;
    }

    static Optional<Measure> read(String written) {
      for (Measure measure : values()) {
        if (measure.written().equalsIgnoreCase(written)) {
          return Optional.of(measure);
        }
      }
      return Optional.empty();
    }
  }

  /**
   * Rates from cell to cell: rows from the south, columns from the west.
   *
   * @param south latitude of its lower edge, {@code west} longitude of its left one
   * @param high degrees of a cell from south to north, {@code wide} from west to east
   * @param values one for each of the task's rates, cell after cell
   */
  record RateGrid(
      double south, double west, double high, double wide, int columns, int rows, int[] values) {}
}
