package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.farm.WeatherSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Weather that the farm has brought in a file, kept day by day. */
@Component
class ImportedWeather implements WeatherPort {
  private static final String INSERT =
      "insert into weather_day (farm_id, day, max_f, min_f, rain_in, snow_in, wind_mph, humidity, sun_mj)"
          + " values (?, ?, ?, ?, ?, ?, ?, ?, ?)";

  private record Brought(UUID farm, Site site, int version) {}

  private final JdbcTemplate jdbc;

  ImportedWeather(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  @Override
  public WeatherSource source() {
    return WeatherSource.IMPORTED;
  }

  /** A file is one farm's; each bringing is another, and so is each place. */
  @Override
  public Object cell(FarmView farm) {
    return new Brought(farm.id(), farm.site(), farm.weatherVersion());
  }

  @Override
  public Optional<WeatherRecord> measured(FarmView farm, LocalDate today) {
    List<DailyWeather> days =
        jdbc.query(
            "select day, max_f, min_f, rain_in, snow_in, wind_mph, humidity, sun_mj from weather_day"
                + " where farm_id = ? and day <= ? order by day",
            (row, n) ->
                new DailyWeather(
                    row.getObject(1, LocalDate.class),
                    row.getDouble(2),
                    row.getDouble(3),
                    row.getDouble(4),
                    row.getDouble(5),
                    row.getDouble(6),
                    row.getDouble(7),
                    row.getDouble(8)),
            farm.id(),
            today);
    return days.isEmpty() ? Optional.empty() : Optional.of(WeatherRecord.of(days));
  }

  @Override
  public List<DailyWeather> forecast(FarmView farm, LocalDate today) {
    return List.of();
  }

  void replace(UUID farmId, List<DailyWeather> days) {
    jdbc.update("delete from weather_day where farm_id = ?", farmId);
    jdbc.batchUpdate(
        INSERT,
        days,
        1000,
        (statement, d) -> {
          statement.setObject(1, farmId);
          statement.setObject(2, d.date());
          statement.setDouble(3, d.maxF());
          statement.setDouble(4, d.minF());
          statement.setDouble(5, d.rainIn());
          statement.setDouble(6, d.snowDepthIn());
          statement.setDouble(7, d.windMph());
          statement.setDouble(8, d.humidity());
          statement.setDouble(9, d.sunMj());
        });
  }
}
