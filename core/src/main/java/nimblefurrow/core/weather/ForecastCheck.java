package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * How far what was forecast lay from what was measured, by how many days ahead it was said.
 * Example: two days ahead the high was 3.1 °F off in the mean and 0.2 °F too warm, over 60
 * forecasts. It tells of what lies behind; how unsure the next forecast is, the outlook holds
 * already.
 *
 * @param lead days ahead, from 1
 * @param forecasts how many were compared
 * @param offF mean distance of the day's mean temperature, °F
 * @param tooWarmF mean of forecast less measured, °F; below 0 where it was said too cold
 * @param rainCame days on which rain was said and came
 * @param rainInVain days on which it was said and stayed away
 * @param rainMissed days on which it came unsaid
 */
public record ForecastCheck(
    int lead,
    int forecasts,
    double offF,
    double tooWarmF,
    int rainCame,
    int rainInVain,
    int rainMissed) {
  /**
   * Compares, lead by lead.
   *
   * @param said the days forecast on each day, the next day first
   */
  public static List<ForecastCheck> of(
      Map<LocalDate, List<DailyWeather>> said, WeatherRecord measured) {
    List<ForecastCheck> leads = new ArrayList<>();
    int longest = said.values().stream().mapToInt(List::size).max().orElse(0);
    for (int lead = 1; lead <= longest; lead++) {
      int count = 0;
      double off = 0;
      double warm = 0;
      int[] rain = new int[3];
      for (List<DailyWeather> days : said.values()) {
        if (days.size() < lead || !measured.covers(days.get(lead - 1).date())) {
          continue;
        }
        DailyWeather told = days.get(lead - 1);
        DailyWeather came = measured.on(told.date());
        double error = told.meanF() - came.meanF();
        count++;
        off += Math.abs(error);
        warm += error;
        if (told.rainIn() > 0 || came.rainIn() > 0) {
          rain[told.rainIn() > 0 ? (came.rainIn() > 0 ? 0 : 1) : 2]++;
        }
      }
      if (count > 0) {
        leads.add(
            new ForecastCheck(lead, count, off / count, warm / count, rain[0], rain[1], rain[2]));
      }
    }
    return leads;
  }
}
