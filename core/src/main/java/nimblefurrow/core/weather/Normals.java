package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.figures.Sheet;

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

  private final boolean southern;
  private final double[] maxF;
  private final double[] minF;
  private final double[] rainIn;
  private final double[] spreadF;
  private final double[] coldTail;
  private final double[] wetShare;

  private Normals(double latitude, Figures figures) {
    Sheet variability = figures.sheet("variability");
    this.spreadF = months(variability.row("spread_f"));
    this.coldTail = months(variability.row("cold_tail"));
    this.wetShare = months(variability.row("wet_share"));
    double[] moved = months(variability.row("mean_moved_f"));
    TreeMap<Double, Map<String, Row>> byLatitude = byLatitude(figures.sheet("normals"));
    double at = Math.max(EQUATORWARD, Math.min(POLEWARD, Math.abs(latitude)));
    this.southern = latitude < 0;
    this.maxF = smooth(moved(at(byLatitude, at, "max_f"), moved));
    this.minF = smooth(moved(at(byLatitude, at, "min_f"), moved));
    this.rainIn = at(byLatitude, at, "rain_in");
    for (int m = 0; m < MONTHS; m++) {
      rainIn[m] = Math.max(LEAST_RAIN_IN, rainIn[m]);
    }
  }

  static Normals at(double latitude, Figures figures) {
    return new Normals(latitude, figures);
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

  private static double[] moved(double[] means, double[] by) {
    for (int m = 0; m < MONTHS; m++) {
      means[m] += by[m];
    }
    return means;
  }

  private static double[] at(
      TreeMap<Double, Map<String, Row>> byLatitude, double latitude, String what) {
    Double south = byLatitude.floorKey(latitude);
    Double north = byLatitude.higherKey(latitude);
    if (south == null) {
      south = byLatitude.firstKey();
      north = byLatitude.higherKey(south);
    } else if (north == null) {
      north = byLatitude.lastKey();
      south = byLatitude.lowerKey(north);
    }
    double[] a = months(byLatitude.get(south).get(what));
    double[] b = months(byLatitude.get(north).get(what));
    double[] values = new double[MONTHS];
    for (int m = 0; m < MONTHS; m++) {
      values[m] = a[m] + (b[m] - a[m]) * (latitude - south) / (north - south);
    }
    return values;
  }

  private static double[] months(Row row) {
    double[] values = new double[MONTHS];
    for (int m = 0; m < MONTHS; m++) {
      values[m] = row.number(String.valueOf(m + 1));
    }
    return values;
  }

  private static TreeMap<Double, Map<String, Row>> byLatitude(Sheet normals) {
    TreeMap<Double, Map<String, Row>> all = new TreeMap<>();
    for (Row row : normals.rows()) {
      all.computeIfAbsent(row.number("latitude"), l -> new TreeMap<>()).put(row.text("what"), row);
    }
    return all;
  }
}
