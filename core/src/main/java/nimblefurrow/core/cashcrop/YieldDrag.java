package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.figures.FigureTable;
import nimblefurrow.core.weather.Site;

/** Bushels per acre lost when a crop is planted later, summed day by day. */
public final class YieldDrag {
  private static final double TABLE_LATITUDE = 40.5;
  private static final Map<CropKind, TreeMap<MonthDay, Double>> TABLE = load();

  private YieldDrag() {}

  /**
   * Bushels per acre lost by planting on {@code actual} and not on {@code planned}; 0 when not
   * later or when the crop has no figure.
   */
  public static double bushels(CropKind crop, LocalDate planned, LocalDate actual, Site site) {
    TreeMap<MonthDay, Double> table = TABLE.get(crop);
    if (table == null) {
      return 0;
    }
    long moved = Math.round(Math.abs(site.latitude()) - TABLE_LATITUDE);
    double lost = 0;
    for (LocalDate day = planned.plusDays(1); !day.isAfter(actual); day = day.plusDays(1)) {
      LocalDate north = site.southern() ? day.plusMonths(6) : day;
      MonthDay like = MonthDay.from(north.minusDays(moved));
      lost += table.ceilingEntry(like).getValue();
    }
    return lost;
  }

  private static Map<CropKind, TreeMap<MonthDay, Double>> load() {
    Map<CropKind, TreeMap<MonthDay, Double>> table = new EnumMap<>(CropKind.class);
    FigureTable.shipped(YieldDrag.class, "yield-drag.csv")
        .rows()
        .forEach(
            row ->
                table
                    .computeIfAbsent(CropKind.valueOf(row.get("crop")), k -> new TreeMap<>())
                    .put(
                        MonthDay.parse("--" + row.get("until")),
                        FigureTable.number(row, "bushels_per_day")));
    return table;
  }
}
