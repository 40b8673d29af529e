package nimblefurrow.server.weather;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SensibleDay;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Scenario;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.core.weather.YearSoFar;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.farm.WeatherSource;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.HeavyWork;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A farm's weather: what is there, and bringing one's own. */
@RestController
@RequestMapping("/api/v1/weather")
class WeatherController {
  record Summary(
      WeatherSource source,
      @Maybe LocalDate first,
      @Maybe LocalDate last,
      int climateYears,
      int wantedYears,
      int filledDays) {}

  record ImportReport(
      int days,
      LocalDate first,
      LocalDate last,
      int wholeYears,
      int gapDays,
      List<LocalDate> firstGaps,
      boolean enough,
      boolean saved) {}

  record Source(@NotNull WeatherSource source) {}

  private static final FigureKey FROST_F = FigureKey.of("weather", "frost");

  private final Weathers weathers;
  private final ImportedWeather imported;
  private final Farms farms;
  private final CurrentFarm current;
  private final HeavyWork heavy;
  private final Clock clock;

  WeatherController(
      Weathers weathers,
      ImportedWeather imported,
      Farms farms,
      CurrentFarm current,
      HeavyWork heavy,
      Clock clock) {
    this.weathers = weathers;
    this.imported = imported;
    this.farms = farms;
    this.current = current;
    this.heavy = heavy;
    this.clock = clock;
  }

  @GetMapping
  Summary summary() {
    FarmView farm = farms.view(current.id());
    Optional<FarmWeather> weather = weathers.of(farm);
    return new Summary(
        farm.weatherSource(),
        weather.map(w -> w.measured().first()).orElse(null),
        weather.map(w -> w.measured().last()).orElse(null),
        weather.map(FarmWeather::climateYears).orElse(0),
        Outlook.WANTED_YEARS,
        weather.map(w -> w.measured().filled().size()).orElse(0));
  }

  /** A week of the year: what eight years of ten had by its end, and this year's. */
  record SumOfWeek(LocalDate day, double low, double middle, double high, @Maybe Double now) {}

  /** The year against the years before it, summed up from the first of January. */
  record YearView(
      List<SumOfWeek> heatCool,
      List<SumOfWeek> heatWarm,
      List<SumOfWeek> rain,
      List<SumOfWeek> frostNights) {}

  @GetMapping("/year")
  YearView year() {
    FarmView farm = farms.view(current.id());
    double frost = farm.rules().figures().of(FROST_F);
    return new YearView(
        sums(farm, d -> HeatBase.BASE_40.degreeDays(d.maxF(), d.minF())),
        sums(farm, d -> HeatBase.BASE_50.degreeDays(d.maxF(), d.minF())),
        sums(farm, DailyWeather::rainIn),
        sums(farm, d -> d.minF() <= frost ? 1 : 0));
  }

  private List<SumOfWeek> sums(FarmView farm, ToDoubleFunction<DailyWeather> daily) {
    return weathers
        .of(farm)
        .map(w -> YearSoFar.of(w.measured(), daily, farms.today(farm)))
        .orElse(List.of())
        .stream()
        .map(
            week ->
                new SumOfWeek(
                    week.date(),
                    week.before().low(),
                    week.before().middle(),
                    week.before().high(),
                    week.now().orElse(null)))
        .toList();
  }

  /** What was forecast over the last weeks against what came, by how many days ahead. */
  record SaidView(
      int lead,
      int forecasts,
      double offF,
      double tooWarmF,
      int rainCame,
      int rainInVain,
      int rainMissed) {}

  @GetMapping("/said")
  List<SaidView> said() {
    FarmView farm = farms.view(current.id());
    return weathers.said(farm).stream()
        .map(
            c ->
                new SaidView(
                    c.lead(),
                    c.forecasts(),
                    c.offF(),
                    c.tooWarmF(),
                    c.rainCame(),
                    c.rainInVain(),
                    c.rainMissed()))
        .toList();
  }

  /** A made-up season that the demo can run through. */
  record ScenarioView(String code, String words, String teaches, boolean chosen) {}

  record ScenarioChoice(@NotNull String scenario) {}

  /** None for a farm of one's own. */
  @GetMapping("/scenarios")
  List<ScenarioView> scenarios() {
    FarmView farm = farms.view(current.id());
    return farm.demo() ? told(farm) : List.of();
  }

  private static List<ScenarioView> told(FarmView farm) {
    return Scenario.all(Figures.shipped()).stream()
        .map(
            s ->
                new ScenarioView(
                    s.code(), s.words(), s.teaches(), s.code().equals(farm.scenario())))
        .toList();
  }

  @PutMapping("/scenario")
  List<ScenarioView> scenario(@Valid @RequestBody ScenarioChoice chosen) {
    Scenario scenario = Scenario.coded(chosen.scenario(), Figures.shipped());
    return told(farms.runThrough(current.id(), scenario));
  }

  /** Reads a file and reports; keeps it only when asked to save. */
  @PostMapping(path = "/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  ImportReport bring(
      @RequestPart("file") MultipartFile file, @RequestParam(defaultValue = "false") boolean save)
      throws IOException {
    FarmView farm = farms.view(current.id());
    // Tomorrow, because it is tomorrow already somewhere.
    SensibleDay measured = new SensibleDay(LocalDate.now(clock).plusDays(1));
    List<DailyWeather> days =
        heavy.run(
            () ->
                WeatherCsv.read(
                    file.getInputStream(),
                    farm.site().latitude(),
                    measured,
                    farm.rules().figures()));
    WeatherRecord record = WeatherRecord.of(days);
    int years = record.wholeYears().size();
    boolean enough = years >= Outlook.LEAST_YEARS;
    if (save) {
      if (!enough) {
        throw new OutOfRange(
            "climate years",
            "climate needs %d whole years at least, got %d".formatted(Outlook.LEAST_YEARS, years));
      }
      imported.replace(farm.id(), days);
      farms.weatherFrom(farm.id(), WeatherSource.IMPORTED);
    }
    List<LocalDate> gaps = record.filled();
    return new ImportReport(
        days.size(),
        record.first(),
        record.last(),
        years,
        gaps.size(),
        gaps.subList(0, Math.min(10, gaps.size())),
        enough,
        save);
  }

  @PutMapping("/source")
  Summary source(@Valid @RequestBody Source chosen) {
    farms.weatherFrom(current.id(), chosen.source());
    return summary();
  }
}
