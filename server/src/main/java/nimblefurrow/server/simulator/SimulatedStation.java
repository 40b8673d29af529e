package nimblefurrow.server.simulator;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Scenario;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.farm.WeatherSource;
import nimblefurrow.server.weather.WeatherPort;
import org.springframework.stereotype.Component;

/**
 * A made-up weather station at the farm's latitude; the farm's seed decides its weather, and a demo
 * may run through a made-up season.
 */
@Component
class SimulatedStation implements WeatherPort {
  private static final LocalDate FIRST = LocalDate.of(1998, 1, 1);
  private static final int FORECAST_DAYS = 9;

  /** The season that made-up ones stray in. */
  private static final LocalDate SEASON = LocalDate.of(2026, 7, 1);

  private static final LocalDate SEASON_END = LocalDate.of(2027, 6, 30);

  private record Cell(Site site, long seed, String scenario) {}

  private record Station(double latitude, long seed, String scenario, int lastYear) {}

  private final Cache<Station, WeatherRecord> records =
      Caffeine.newBuilder().maximumSize(20).build();

  @Override
  public WeatherSource source() {
    return WeatherSource.SIMULATED;
  }

  @Override
  public Object cell(FarmView farm) {
    return new Cell(farm.site(), farm.stationSeed(), farm.scenario());
  }

  @Override
  public Optional<WeatherRecord> measured(FarmView farm, LocalDate today) {
    return Optional.of(all(farm, today).until(today));
  }

  @Override
  public List<DailyWeather> forecast(FarmView farm, LocalDate today) {
    return new WeatherGenerator(latitude(farm), farm.stationSeed(), Figures.shipped())
        .forecast(all(farm, today), today, FORECAST_DAYS, farm.stationSeed());
  }

  private WeatherRecord all(FarmView farm, LocalDate today) {
    // Days are drawn one after the other, so a longer record begins with the shorter one.
    int lastYear = Math.max(2028, today.getYear() + 1);
    return records.get(
        new Station(latitude(farm), farm.stationSeed(), farm.scenario(), lastYear),
        s ->
            scenario(s.scenario())
                .over(
                    new WeatherGenerator(s.latitude(), s.seed(), Figures.shipped())
                        .generate(FIRST, LocalDate.of(s.lastYear(), 12, 31)),
                    SEASON,
                    SEASON_END));
  }

  private static Scenario scenario(String code) {
    return Scenario.coded(code, Figures.shipped());
  }

  private static double latitude(FarmView farm) {
    return scenario(farm.scenario()).latitude().orElse(farm.site().latitude());
  }
}
