package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.farm.WeatherSource;

/**
 * Where weather comes from. Whoever implements it tells nothing of the days after {@code today}.
 */
public interface WeatherPort {
  WeatherSource source();

  /**
   * Names the place and station that a farm's weather comes from: farms of one cell have the same
   * weather, and it is worked out once for all of them.
   */
  Object cell(FarmView farm);

  /** All that was measured up to and with a day; empty when nothing was. */
  Optional<WeatherRecord> measured(FarmView farm, LocalDate today);

  /** The next days as forecast on a day; may be empty. */
  List<DailyWeather> forecast(FarmView farm, LocalDate today);
}
