package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.TreeMap;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.weather.Site;

/** Bushels per acre lost when a crop is planted later, summed day by day. */
public final class YieldDrag {
  private static final FigureKey TABLE_LATITUDE = FigureKey.of("crops", "drag_latitude");

  private YieldDrag() {}

  /**
   * Bushels per acre lost by planting on {@code actual} and not on {@code planned}; 0 when not
   * later or when the crop has no figure.
   */
  public static double bushels(
      CropKind crop, LocalDate planned, LocalDate actual, Site site, Figures figures) {
    TreeMap<MonthDay, Double> table = table(crop, figures);
    if (table.isEmpty()) {
      return 0;
    }
    long moved = Math.round(Math.abs(site.latitude()) - figures.of(TABLE_LATITUDE));
    double lost = 0;
    for (LocalDate day = planned.plusDays(1); !day.isAfter(actual); day = day.plusDays(1)) {
      LocalDate north = site.southern() ? day.plusMonths(6) : day;
      MonthDay like = MonthDay.from(north.minusDays(moved));
      lost += table.ceilingEntry(like).getValue();
    }
    return lost;
  }

  private static TreeMap<MonthDay, Double> table(CropKind crop, Figures figures) {
    TreeMap<MonthDay, Double> table = new TreeMap<>();
    for (Row row : figures.sheet("yield-drag").rows()) {
      if (row.text("crop").equals(crop.code())) {
        table.put(MonthDay.parse("--" + row.text("until")), row.number("bushels_per_day"));
      }
    }
    return table;
  }
}
