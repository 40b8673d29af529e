package nimblefurrow.server.taskdata;

import static nimblefurrow.server.taskdata.Attributes.wrong;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.taskdata.TaskData.RateGrid;

/** The rates of a grid, cell by cell, in a file of their own beside the task data. */
final class GridFile {
  private static final int MOST_CELLS = 4_000_000;

  private GridFile() {}

  /**
   * Reads it.
   *
   * @param told what the task data says of it, by the names of its attributes
   * @param rates how many rates each cell has
   * @param grids the files by name in capitals, without their ending
   * @throws OutOfRange where the file is missing, or another size than was said
   */
  static RateGrid read(Map<String, String> told, int rates, Map<String, byte[]> grids) {
    int columns = number(told, "E");
    int rows = number(told, "F");
    String file = told.getOrDefault("G", "");
    if (number(told, "I") != 2) {
      throw wrong("only grids of rates (type 2) are read, got type " + told.get("I"));
    }
    if (columns < 1 || rows < 1 || (long) columns * rows * rates > MOST_CELLS) {
      throw wrong("a grid has 1 to %,d cells".formatted(MOST_CELLS));
    }
    byte[] cells = grids.get(file.toUpperCase(Locale.ROOT));
    if (cells == null) {
      throw wrong("the grid %s is not in this zip".formatted(file));
    }
    if (cells.length != 4 * columns * rows * rates) {
      throw wrong(
          "the grid %s has %,d bytes, where %,d belong to its cells"
              .formatted(file, cells.length, 4 * columns * rows * rates));
    }
    int[] values = new int[columns * rows * rates];
    ByteBuffer.wrap(cells).order(ByteOrder.LITTLE_ENDIAN).asIntBuffer().get(values);
    return new RateGrid(
        real(told, "A"), real(told, "B"), real(told, "C"), real(told, "D"), columns, rows, values);
  }

  static int number(Map<String, String> told, String attribute) {
    return (int) real(told, attribute);
  }

  private static double real(Map<String, String> told, String attribute) {
    try {
      return Double.parseDouble(told.getOrDefault(attribute, ""));
    } catch (NumberFormatException no) {
      throw wrong("the grid's %s is no number".formatted(attribute));
    }
  }
}
