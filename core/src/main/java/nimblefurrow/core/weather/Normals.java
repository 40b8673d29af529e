package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.figures.FigureTable;
import org.apache.commons.csv.CSVRecord;

/**
 * What a day is like in an ordinary year at a latitude, mid-continent: its high and low, the rain
 * of its month, how far days stray from the mean, how many of them are wet. Between the latitudes
 * of the table values go in a straight line, beyond them along the same slope as far as 28 and 52°;
 * poleward and equatorward of these a place is taken as lying there. South of the equator the year
 * is turned by six months.
 *
 * <p>Daily values run smoothly through the year and average over each month to the table's, moved
 * by what brings the heat of early spring to that of these places.
 */
final class Normals {
  private static final double EQUATORWARD = 28;
  private static final double POLEWARD = 52;
  private static final double LEAST_RAIN_IN = 0.2;
  private static final int MONTHS = 12;
  private static final TreeMap<Double, Map<String, CSVRecord>> BY_LATITUDE = load();
  private static final Map<String, CSVRecord> VARIABILITY =
      FigureTable.shipped(Normals.class, "variability.csv").byKey();

  private final boolean southern;
  private final double[] maxF;
  private final double[] minF;
  private final double[] rainIn;
  private final double[] spreadF = months(VARIABILITY.get("spread_f"));
  private final double[] coldTail = months(VARIABILITY.get("cold_tail"));
  private final double[] wetShare = months(VARIABILITY.get("wet_share"));

  private Normals(double latitude) {
    double at = Math.max(EQUATORWARD, Math.min(POLEWARD, Math.abs(latitude)));
    this.southern = latitude < 0;
    this.maxF = smooth(moved(at(at, "max_f")));
    this.minF = smooth(moved(at(at, "min_f")));
    this.rainIn = at(at, "rain_in");
    for (int m = 0; m < MONTHS; m++) {
      rainIn[m] = Math.max(LEAST_RAIN_IN, rainIn[m]);
    }
  }

  static Normals at(double latitude) {
    return new Normals(latitude);
  }

  double maxF(LocalDate date) {
    return between(maxF, date);
  }

  double minF(LocalDate date) {
    return between(minF, date);
  }

  /** Standard deviation of the day's mean about its normal, °F. */
  double spreadF(LocalDate date) {
    return between(spreadF, date);
  }

  /** How much further days stray to the cold than to the warm; 0 is alike, 0.3 clearly. */
  double coldTail(LocalDate date) {
    return between(coldTail, date);
  }

  /** Share of the month's days with rain. */
  double wetShare(LocalDate date) {
    return wetShare[month(date)];
  }

  /** Mean rain of a wet day of the month, in. */
  double wetDayRainIn(LocalDate date) {
    return rainIn[month(date)] / (date.lengthOfMonth() * wetShare(date));
  }

  private int month(LocalDate date) {
    return (date.getMonthValue() - 1 + (southern ? MONTHS / 2 : 0)) % MONTHS;
  }

  /** A value between the middles of two months. */
  private double between(double[] middles, LocalDate date) {
    int month = month(date);
    double off = (date.getDayOfMonth() - 0.5) / date.lengthOfMonth() - 0.5;
    int other = Math.floorMod(month + (off < 0 ? -1 : 1), MONTHS);
    return middles[month] + (middles[other] - middles[month]) * Math.abs(off);
  }

  /** Mid-month values that make straight lines between them average to the months' means. */
  private static double[] smooth(double[] means) {
    double[] middles = means.clone();
    for (int round = 0; round < 60; round++) {
      double[] better = middles.clone();
      for (int m = 0; m < MONTHS; m++) {
        double sides = (middles[(m + MONTHS - 1) % MONTHS] + middles[(m + 1) % MONTHS]) / 2;
        // Half a month on either side lies a quarter of the way to its neighbour on average.
        double averaged = 0.75 * middles[m] + 0.25 * sides;
        better[m] += means[m] - averaged;
      }
      middles = better;
    }
    return middles;
  }

  private static double[] moved(double[] means) {
    double[] by = months(VARIABILITY.get("mean_moved_f"));
    for (int m = 0; m < MONTHS; m++) {
      means[m] += by[m];
    }
    return means;
  }

  private static double[] at(double latitude, String what) {
    Double south = BY_LATITUDE.floorKey(latitude);
    Double north = BY_LATITUDE.higherKey(latitude);
    if (south == null) {
      south = BY_LATITUDE.firstKey();
      north = BY_LATITUDE.higherKey(south);
    } else if (north == null) {
      north = BY_LATITUDE.lastKey();
      south = BY_LATITUDE.lowerKey(north);
    }
    double[] a = months(BY_LATITUDE.get(south).get(what));
    double[] b = months(BY_LATITUDE.get(north).get(what));
    double[] values = new double[MONTHS];
    for (int m = 0; m < MONTHS; m++) {
      values[m] = a[m] + (b[m] - a[m]) * (latitude - south) / (north - south);
    }
    return values;
  }

  private static double[] months(CSVRecord row) {
    double[] values = new double[MONTHS];
    for (int m = 0; m < MONTHS; m++) {
      values[m] = FigureTable.number(row, String.valueOf(m + 1));
    }
    return values;
  }

  private static TreeMap<Double, Map<String, CSVRecord>> load() {
    TreeMap<Double, Map<String, CSVRecord>> all = new TreeMap<>();
    for (CSVRecord row : FigureTable.shipped(Normals.class, "normals.csv").rows()) {
      all.computeIfAbsent(FigureTable.number(row, "latitude"), l -> new TreeMap<>())
          .put(row.get("what"), row);
    }
    return all;
  }
}
