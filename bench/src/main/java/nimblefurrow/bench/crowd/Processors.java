package nimblefurrow.bench.crowd;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/**
 * How the processors have spent their time, as Linux counts it: without it a measure on a shared
 * machine says little.
 */
record Processors(double busy, double stolen, double all) {
  private static final int IDLE = 3;
  private static final int WAITING = 4;
  private static final int STOLEN = 7;
  private static final int COUNTED = 8;

  static Processors now() {
    try {
      String[] counts =
          Files.readAllLines(Path.of("/proc/stat")).get(0).replaceAll("cpu +", "").split(" ");
      double[] spent =
          Arrays.stream(counts).limit(COUNTED).mapToDouble(Double::parseDouble).toArray();
      double all = Arrays.stream(spent).sum();
      return new Processors(all - spent[IDLE] - spent[WAITING] - spent[STOLEN], spent[STOLEN], all);
    } catch (IOException notLinux) {
      return new Processors(0, 0, 0);
    }
  }

  double busySince(Processors before) {
    return (busy - before.busy) / Math.max(1, all - before.all);
  }

  double stolenSince(Processors before) {
    return (stolen - before.stolen) / Math.max(1, all - before.all);
  }
}
