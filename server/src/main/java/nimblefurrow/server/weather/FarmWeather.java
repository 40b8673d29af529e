package nimblefurrow.server.weather;

import java.time.LocalDate;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherRecord;

/**
 * A farm's weather as of a day.
 *
 * @param name what it is kept under
 * @param past the same with one trace, for seasons that lie behind
 * @param climateYears whole years behind the ensemble
 */
public record FarmWeather(
    OutlookName name,
    LocalDate today,
    WeatherRecord measured,
    Outlook outlook,
    Outlook past,
    FitDays fit,
    int climateYears) {
  /** How many days it tells of. */
  int days() {
    return (int) (outlook.last().toEpochDay() - outlook.first().toEpochDay()) + 1;
  }
}
