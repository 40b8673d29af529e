package nimblefurrow.server.forecast;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.hours.HourBlock;
import nimblefurrow.core.termination.hours.HourOutlook;
import nimblefurrow.core.weather.DaySun;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.forecast.AheadView.BlockView;
import nimblefurrow.server.forecast.AheadView.ComingDay;
import nimblefurrow.server.forecast.AheadView.ComingHour;
import nimblefurrow.server.forecast.AheadView.FitView;
import nimblefurrow.server.forecast.AheadView.GroundView;
import nimblefurrow.server.forecast.AheadView.RangeView;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.Weathers;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Ten days by the hour, and what a ground is fit for to the season's end. */
@RestController
@RequestMapping("/api/v1/weather")
class ForecastController {
  private static final int DAYS = 10;
  private static final int WEEKS = 18;
  private static final FigureKey LEAST_HOURS = FigureKey.of("hours", "block_least");
  private static final double RAIN_SAID = 0.5;

  private final Farms farms;
  private final Fields fields;
  private final Machines machines;
  private final Weathers weathers;
  private final CurrentFarm current;

  ForecastController(
      Farms farms, Fields fields, Machines machines, Weathers weathers, CurrentFarm current) {
    this.farms = farms;
    this.fields = fields;
    this.machines = machines;
    this.weathers = weathers;
    this.current = current;
  }

  @GetMapping("/ahead")
  AheadView ahead(
      @RequestParam(required = false) SoilTexture soil,
      @RequestParam(required = false) Boolean tiled,
      @RequestParam(defaultValue = "false") boolean living) {
    FarmView farm = farms.view(current.id());
    FarmWeather weather = weather(farm);
    Map<Footing, Integer> grounds = grounds();
    Footing ground = ground(grounds, soil, tiled, living);
    LocalDate today = weather.today();
    List<HourOutlook> hours = HourOutlook.of(weather.outlook(), weather.fit(), ground, today, DAYS);
    Figures figures = farm.rules().figures();
    List<BlockView> blocks = new ArrayList<>();
    blocks.addAll(blocks("spray", HourBlock.of(hours, HourOutlook::spray, figures)));
    blocks.addAll(blocks("roll", HourBlock.of(hours, HourOutlook::crimp, figures)));
    return new AheadView(
        grounds.entrySet().stream()
            .map(
                e ->
                    new GroundView(
                        e.getKey().soil(),
                        e.getKey().tiled(),
                        words(e.getKey()),
                        e.getValue(),
                        e.getKey().equals(bare(ground))))
            .toList(),
        says(farm, weather, ground, hours),
        days(weather, ground),
        hours.stream().map(ForecastController::hour).toList(),
        blocks);
  }

  @GetMapping("/fit")
  FitView fit(
      @RequestParam(required = false) SoilTexture soil,
      @RequestParam(required = false) Boolean tiled,
      @RequestParam(defaultValue = "false") boolean living) {
    FarmWeather weather = weather(farms.view(current.id()));
    Footing ground = ground(grounds(), soil, tiled, living);
    LocalDate today = weather.today();
    List<LocalDate> days = today.datesUntil(today.plusDays(DAYS)).toList();
    List<LocalDate> weeks = new ArrayList<>();
    for (int week = 0; week < WEEKS; week++) {
      LocalDate from = today.plusDays(DAYS + 7L * week);
      if (!from.plusDays(6).isAfter(weather.outlook().last())) {
        weeks.add(from);
      }
    }
    Set<MachineKind> owned =
        machines.all(current.id()).stream()
            .map(Machines.MachineView::kind)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(MachineKind.class)));
    return new FitView(
        days,
        weeks,
        EnumSet.allOf(MachineKind.class).stream()
            .filter(kind -> owned.isEmpty() || owned.contains(kind))
            .map(
                kind ->
                    new FitView.GroundWork(
                        kind.words(),
                        owned.contains(kind),
                        days.stream()
                            .map(day -> percent(weather.fit().chance(ground, kind, day)))
                            .toList(),
                        weeks.stream().map(from -> week(weather, ground, kind, from)).toList()))
            .toList());
  }

  private static RangeView week(
      FarmWeather weather, Footing ground, MachineKind kind, LocalDate from) {
    Ensemble<Integer> days = weather.fit().fitDays(ground, kind, from, from.plusDays(6));
    return RangeView.of(Spread.of(days.map(Integer::doubleValue)));
  }

  private FarmWeather weather(FarmView farm) {
    return weathers
        .of(farm)
        .orElseThrow(
            () -> new OutOfRange("weather", "bring weather first: all is worked out from it"));
  }

  /** The grounds of the farm's fields, the one that most of them have first. */
  private Map<Footing, Integer> grounds() {
    Map<Footing, Integer> count = new LinkedHashMap<>();
    for (FieldView field : fields.all(current.id())) {
      field.facts().grounds(false).forEach(ground -> count.merge(ground, 1, Integer::sum));
    }
    if (count.isEmpty()) {
      count.put(Footing.bare(SoilTexture.SILT_LOAM), 0);
    }
    return count.entrySet().stream()
        .sorted(Comparator.comparing(Map.Entry<Footing, Integer>::getValue).reversed())
        .collect(
            Collectors.toMap(
                Map.Entry::getKey, Map.Entry::getValue, Integer::sum, LinkedHashMap::new));
  }

  private static Footing ground(
      Map<Footing, Integer> grounds, SoilTexture soil, Boolean tiled, boolean living) {
    Footing usual = grounds.keySet().iterator().next();
    return soil == null
        ? new Footing(usual.soil(), usual.tiled(), living)
        : new Footing(soil, tiled != null && tiled, living);
  }

  private static Footing bare(Footing ground) {
    return new Footing(ground.soil(), ground.tiled(), false);
  }

  private static String words(Footing ground) {
    return Figures.shipped().sheet("soils").row(ground.soil().code()).text("words")
        + (ground.tiled() ? ", tiled" : "");
  }

  private static List<BlockView> blocks(String work, List<HourBlock> blocks) {
    return blocks.stream()
        .map(b -> new BlockView(work, b.start(), b.end(), percent(b.chance())))
        .toList();
  }

  private static List<ComingDay> days(FarmWeather weather, Footing ground) {
    Outlook outlook = weather.outlook();
    LocalDate today = weather.today();
    double latitude = outlook.site().latitude();
    return today
        .datesUntil(today.plusDays(DAYS))
        .map(
            day -> {
              Ensemble<Double> rain = outlook.each(t -> t.on(day).rainIn());
              DaySun sun = DaySun.of(outlook.traces().get(0).on(day), latitude);
              return new ComingDay(
                  day,
                  RangeView.of(Spread.of(outlook.each(t -> t.on(day).maxF()))),
                  RangeView.of(Spread.of(outlook.each(t -> t.on(day).minF()))),
                  percent(rain.chance(r -> r > 0)),
                  RangeView.of(Spread.of(rain)),
                  RangeView.of(Spread.of(weather.fit().topsoil(ground, day))),
                  sun.rises(),
                  sun.sets());
            })
        .toList();
  }

  private static ComingHour hour(HourOutlook h) {
    return new ComingHour(
        h.start(),
        RangeView.of(h.temperature()),
        h.dewPointF(),
        h.sunMj(),
        RangeView.of(h.wind()),
        percent(h.rain()),
        percent(h.leavesWet()),
        h.soil().middle(),
        percent(h.crimp()),
        h.crimpLimit().words(),
        percent(h.spray()),
        h.sprayLimit().words());
  }

  private static List<String> says(
      FarmView farm, FarmWeather weather, Footing ground, List<HourOutlook> hours) {
    List<Reason> says = new ArrayList<>();
    Figures figures = farm.rules().figures();
    LocalDate today = weather.today();
    today
        .plusDays(1)
        .datesUntil(today.plusDays(DAYS))
        .filter(
            day ->
                weather.outlook().each(t -> t.on(day).rainIn()).chance(r -> r > 0).fraction()
                    >= RAIN_SAID)
        .findFirst()
        .ifPresentOrElse(
            day -> says.add(Reason.of("Rain is likely on {}", day)),
            () -> says.add(Reason.of("No day of these is more likely wet than dry")));
    first(HourBlock.of(hours, HourOutlook::spray, figures), "sprayer", says, figures);
    first(HourBlock.of(hours, HourOutlook::crimp, figures), "roller", says, figures);
    today
        .datesUntil(today.plusDays(DAYS))
        .filter(day -> weather.fit().chance(ground, MachineKind.DRILL, day).fraction() >= RAIN_SAID)
        .findFirst()
        .ifPresentOrElse(
            day ->
                says.add(
                    Reason.of(
                        "The drill finds " + words(ground) + " fit from {} ({} of the years)",
                        day,
                        weather.fit().chance(ground, MachineKind.DRILL, day))),
            () ->
                says.add(
                    Reason.of("The drill does not find " + words(ground) + " fit in these days")));
    return says.stream().map(r -> r.in(farm.units())).toList();
  }

  private static void first(
      List<HourBlock> blocks, String machine, List<Reason> says, Figures figures) {
    blocks.stream()
        .findFirst()
        .ifPresentOrElse(
            b ->
                says.add(
                    Reason.of(
                        "The "
                            + machine
                            + "'s first hours are {}, "
                            + b.start().getHour()
                            + " to "
                            + (b.start().getHour() + b.hours())
                            + " h",
                        b.start().toLocalDate())),
            () ->
                says.add(
                    Reason.of(
                        "There are no {} hours in a row for the " + machine,
                        figures.whole(LEAST_HOURS))));
  }

  private static int percent(Share share) {
    return (int) Math.round(share.percent());
  }
}
