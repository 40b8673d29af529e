package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.ToIntBiFunction;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.ForecastCheck;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.farm.WeatherSource;
import nimblefurrow.server.platform.background.MemoryShare;
import org.springframework.stereotype.Service;

/**
 * Builds a farm's outlook as of its day. What is kept in memory is worked out from the database and
 * the station alone, under a key that changes with them, so another server works out the same.
 */
@Service
public class Weathers {
  private static final int CLIMATE_YEARS = 28;
  private static final int CHECKED_DAYS = 60;

  /** What is kept of one cell's outlook, by and large: a day of a year takes so many bytes. */
  private static final int BYTES_PER_DAY = 420;

  private static final double SHARE = 0.2;

  private final Farms farms;
  private final Map<WeatherSource, WeatherPort> ports = new EnumMap<>(WeatherSource.class);
  private final List<KeptWithOutlook<?, ?>> under = new CopyOnWriteArrayList<>();
  private final RecentOutlooks weathers =
      new RecentOutlooks(
          MemoryShare.bytes(SHARE),
          Weathers::bytes,
          name -> under.forEach(kept -> kept.gone(name)));

  Weathers(Farms farms, List<WeatherPort> ports) {
    this.farms = farms;
    ports.forEach(port -> this.ports.put(port.source(), port));
  }

  /**
   * Keeps in memory what is worked out under outlooks, no longer than these.
   *
   * @param share of the server's memory that it may take, 0–1
   * @param bytes about what an answer holds once it has been asked all that it may be
   */
  public <K, V> KeptWithOutlook<K, V> keeping(double share, ToIntBiFunction<K, V> bytes) {
    KeptWithOutlook<K, V> kept =
        new KeptWithOutlook<>(MemoryShare.bytes(share), bytes, weathers::has);
    under.add(kept);
    return kept;
  }

  /** The farm's weather on its day; empty when it has none, or too few years. */
  public Optional<FarmWeather> of(FarmView farm) {
    LocalDate today = farms.today(farm);
    WeatherPort port = ports.get(farm.weatherSource());
    if (port == null) {
      return Optional.empty();
    }
    OutlookName name =
        new OutlookName(farm.weatherSource(), port.cell(farm), today, farm.rules().figures());
    return weathers.get(name, () -> build(name, port, farm));
  }

  /**
   * How far the forecasts of the last weeks lay from what was measured, by lead. They are asked of
   * the source again, which tells of a day gone by what it told on it.
   */
  List<ForecastCheck> said(FarmView farm) {
    LocalDate today = farms.today(farm);
    WeatherPort port = ports.get(farm.weatherSource());
    Optional<WeatherRecord> measured = port == null ? Optional.empty() : port.measured(farm, today);
    if (measured.isEmpty()) {
      return List.of();
    }
    Map<LocalDate, List<DailyWeather>> said = new TreeMap<>();
    today
        .minusDays(CHECKED_DAYS)
        .datesUntil(today)
        .forEach(day -> said.put(day, port.forecast(farm, day)));
    return ForecastCheck.of(said, measured.get());
  }

  private static long bytes(Optional<FarmWeather> weather) {
    return weather
        .map(w -> (long) w.outlook().traces().size() * w.days() * BYTES_PER_DAY)
        .orElse((long) BYTES_PER_DAY);
  }

  private static Optional<FarmWeather> build(OutlookName name, WeatherPort port, FarmView farm) {
    LocalDate today = name.today();
    Optional<WeatherRecord> measured = port.measured(farm, today);
    if (measured.isEmpty() || measured.get().wholeYears().size() < Outlook.LEAST_YEARS) {
      return Optional.empty();
    }
    WeatherRecord all = measured.get();
    WeatherRecord climate = climate(all, today);
    LocalDate from = LocalDate.of(today.getYear() - 1, 1, 1);
    LocalDate to = LocalDate.of(today.getYear() + 1, 12, 31);
    WeatherRecord observed = all.last().isBefore(from) ? null : all.between(from, today);
    Outlook outlook =
        Outlook.of(
            farm.rules().figures(),
            farm.site(),
            climate,
            observed,
            port.forecast(farm, today),
            today,
            from,
            to);
    return Optional.of(
        new FarmWeather(
            name,
            today,
            all,
            outlook,
            outlook.known(),
            new FitDays(outlook),
            climate.wholeYears().size()));
  }

  /** The latest whole years, as many as the ensemble wants. */
  private static WeatherRecord climate(WeatherRecord all, LocalDate today) {
    List<Integer> years = all.wholeYears();
    int first = years.get(Math.max(0, years.size() - CLIMATE_YEARS));
    return all.between(
        LocalDate.of(first, 1, 1), LocalDate.of(years.get(years.size() - 1), 12, 31));
  }
}
