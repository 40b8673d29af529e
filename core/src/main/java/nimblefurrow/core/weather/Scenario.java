package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * A season of the made-up station to learn from, for example a spring that stays frozen: the usual
 * weather, colder between two days, so that everything else of it can be set against the usual one.
 * Not a forecast, and never laid over weather that was measured.
 *
 * @param code that it is kept under, for example "wet_may"
 * @param words as a grower says it
 * @param teaches what can be learned from it
 * @param from and {@code to} the days of the year between which it strays
 * @param warmerF degrees warmer than usual, below 0 colder
 * @param rainTimes times the usual rain
 * @param latitude where the whole climate is another's; empty: the farm's own
 */
public record Scenario(
    String code,
    String words,
    String teaches,
    MonthDay from,
    MonthDay to,
    double warmerF,
    double rainTimes,
    Optional<Double> latitude) {
  private static final String SHEET = "scenarios";

  /** All there are, the ordinary season first. */
  public static List<Scenario> all(Figures figures) {
    return figures.sheet(SHEET).rows().stream().map(Scenario::of).toList();
  }

  /**
   * The one of a code.
   *
   * @throws OutOfRange when there is none
   */
  public static Scenario coded(String code, Figures figures) {
    return figures
        .sheet(SHEET)
        .find(code)
        .map(Scenario::of)
        .orElseThrow(() -> new OutOfRange("season", "no season is called “%s”".formatted(code)));
  }

  private static Scenario of(Row row) {
    return new Scenario(
        row.key(),
        row.text("words"),
        row.text("teaches"),
        MonthDay.parse("--" + row.text("from")),
        MonthDay.parse("--" + row.text("to")),
        row.number("warmer_f"),
        row.number("rain_times"),
        row.find("latitude"));
  }

  /**
   * Weather with this season in it.
   *
   * @param first and {@code last} the season that it strays in; years before stay as they are
   */
  public WeatherRecord over(WeatherRecord usual, LocalDate first, LocalDate last) {
    return WeatherRecord.of(
        usual.days().stream()
            .map(
                day ->
                    day.date().isBefore(first) || day.date().isAfter(last) || !strays(day.date())
                        ? day
                        : strayed(day))
            .toList());
  }

  private boolean strays(LocalDate date) {
    MonthDay day = MonthDay.from(date);
    return (warmerF != 0 || rainTimes != 1) && !day.isBefore(from) && !day.isAfter(to);
  }

  private DailyWeather strayed(DailyWeather day) {
    return new DailyWeather(
        day.date(),
        day.maxF() + warmerF,
        day.minF() + warmerF,
        Math.round(day.rainIn() * rainTimes * 100) / 100.0,
        day.snowDepthIn(),
        day.windMph(),
        day.humidity(),
        day.sunMj());
  }
}
