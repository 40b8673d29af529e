package nimblefurrow.server.simulator;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.farm.WeatherSource;
import nimblefurrow.server.weather.WeatherPort;
import org.springframework.stereotype.Component;

/** A made-up weather station at the farm's latitude; the farm's seed decides its weather. */
@Component
class SimulatedStation implements WeatherPort {
  private static final LocalDate FIRST = LocalDate.of(1998, 1, 1);
  private static final int FORECAST_DAYS = 9;

  private record Cell(Site site, long seed) {}

  private record Station(double latitude, long seed, int lastYear) {}

  private final Cache<Station, WeatherRecord> records =
      Caffeine.newBuilder().maximumSize(20).build();

  @Override
  public WeatherSource source() {
    return WeatherSource.SIMULATED;
  }

  @Override
  public Object cell(FarmView farm) {
    return new Cell(farm.site(), farm.stationSeed());
  }

  @Override
  public Optional<WeatherRecord> measured(FarmView farm, LocalDate today) {
    return Optional.of(all(farm, today).until(today));
  }

  @Override
  public List<DailyWeather> forecast(FarmView farm, LocalDate today) {
    return new WeatherGenerator(farm.site().latitude(), farm.stationSeed(), Figures.shipped())
        .forecast(all(farm, today), today, FORECAST_DAYS, farm.stationSeed());
  }

  private WeatherRecord all(FarmView farm, LocalDate today) {
    // Days are drawn one after the other, so a longer record begins with the shorter one.
    int lastYear = Math.max(2028, today.getYear() + 1);
    return records.get(
        new Station(farm.site().latitude(), farm.stationSeed(), lastYear),
        s ->
            new WeatherGenerator(s.latitude(), s.seed(), Figures.shipped())
                .generate(FIRST, LocalDate.of(s.lastYear(), 12, 31)));
  }
}
