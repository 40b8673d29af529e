package nimblefurrow.core.termination;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cashcrop.YieldDrag;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.cover.Winter;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.seeding.HouseRules;
import nimblefurrow.core.termination.RouteOutlook.MemberKill;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/** Works out each way of ending a cover on a field: dates, mat, kill, reasons for and against. */
public final class RouteRules {
  private static final FigureKey BARE_FROM = FigureKey.of("termination", "bare_from");
  private static final FigureKey SPRAY_RUN = FigureKey.of("termination", "spray_run");
  private static final FigureKey SPRAY_NIGHT_F = FigureKey.of("termination", "spray_low");
  private static final FigureKey SPRAY_DAY_F = FigureKey.of("termination", "spray_high");
  private static final FigureKey SPRAY_FROM = FigureKey.of("termination", "spray_from");
  private static final FigureKey STARTER = FigureKey.of("termination", "starter");
  private static final FigureKey DRAG_SAID = FigureKey.of("termination", "drag_said");
  private static final FigureKey SEED_RISK_SAID = FigureKey.of("termination", "seed_risk_said");

  /** Grasses dead this many days before corn, or starter nitrogen. */
  public static final FigureKey LEAD_DAYS_CORN = FigureKey.of("termination", "lead_days_corn");

  private static final FigureKey PLANT_GREEN_SPRAY_DAYS =
      FigureKey.of("termination", "plant_green_spray");

  private final CoverStand stand;
  private final NextCrop next;
  private final boolean organic;
  private final HouseRules rules;
  private final Outlook outlook;
  private final Figures figures;
  private final MatForecast mat;
  private final List<StageForecast> alive = new ArrayList<>();

  public RouteRules(
      CoverStand stand, NextCrop next, boolean organic, HouseRules rules, Outlook outlook) {
    this.stand = stand;
    this.next = next;
    this.organic = organic;
    this.rules = rules;
    this.outlook = outlook;
    this.figures = outlook.figures();
    this.mat = new MatForecast(stand, outlook);
    for (Species species : stand.mix().winterHardy()) {
      alive.add(new StageForecast(species, stand, outlook));
    }
  }

  public RouteOutlook route(Route route) {
    if (route.usesHerbicide() && organic) {
      return RouteOutlook.impossible(
          route,
          Reason.of("this field is organic: herbicide is ruled out"),
          Reason.of("roll and crimp, or sow a cover that the winter kills"));
    }
    if (alive.isEmpty()) {
      return route == Route.WINTER_KILL
          ? winterKill()
          : RouteOutlook.impossible(
              route,
              Reason.of("nothing here outlives the winter, so there is nothing to kill"),
              Reason.of("add cereal rye or another winter species for a spring mat"));
    }
    return switch (route) {
      case EARLY_SPRAY -> earlySpray();
      case PLANT_GREEN -> plantGreen();
      case ROLL -> roll();
      case WINTER_KILL -> winterKillImpossible();
    };
  }

  private RouteOutlook earlySpray() {
    LocalDate spring = alive.get(0).start();
    LocalDate latest = next.planned().minusDays(leadDays());
    Ensemble<LocalDate> opens =
        outlook.each(t -> sprayWeather(t, spring.plusDays(figures.whole(SPRAY_FROM)), latest));
    Ensemble<LocalDate> closes = outlook.each(t -> latest);
    List<Reason> reasons = new ArrayList<>();
    for (StageForecast stages : alive) {
      Optional<Ensemble<LocalDate>> small = rightSizeUntil(stages);
      if (small.isPresent()) {
        closes = closes.leastOfEither(small.get());
        small
            .get()
            .middle()
            .ifPresent(
                d ->
                    reasons.add(
                        Reason.of("{} is small enough until boot, about {}", lower(stages), d)));
      }
    }
    if (leadDays() > 0) {
      reasons.add(
          Reason.of(
              "corn follows grass: dead {} days before planting on {}, or starter nitrogen",
              leadDays(),
              next.planned()));
    }
    List<Reason> against = new ArrayList<>();
    DateForecast to = DateForecast.of(closes);
    Optional<LocalDate> aim = aimed(DateForecast.of(opens), to, true);
    against.add(Reason.of("least mulch: the mat stays thin and weeds come through"));
    List<MemberKill> kills = aim.map(this::sprayKills).orElse(List.of());
    noFigure(kills, "spraying").ifPresent(against::add);
    return result(Route.EARLY_SPRAY, DateForecast.of(opens), to, aim, kills, reasons, against);
  }

  private RouteOutlook plantGreen() {
    LocalDate planned = next.planned();
    DateForecast seed = RollWindow.seedRisk(alive, outlook);
    Ensemble<LocalDate> closes =
        outlook.each(t -> planned.plusDays(figures.whole(PLANT_GREEN_SPRAY_DAYS)));
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            "plant on {} into the living stand; spray the same day or within {} days",
            planned,
            figures.whole(PLANT_GREEN_SPRAY_DAYS)));
    for (StageForecast stages : alive) {
      reasons.add(Reason.of("{} is then {}", lower(stages), stageWords(stages, planned)));
    }
    List<Reason> against = new ArrayList<>();
    double risky = seed.chanceBy(planned).fraction();
    if (risky > figures.of(SEED_RISK_SAID)) {
      against.add(Reason.of("chance of viable seed by then: {}", Share.of(risky)));
    }
    if (next.kind().corn() && grassAlive()) {
      against.add(
          Reason.of(
              "corn after living grass goes short of nitrogen: {} or more in the starter, and expect risk",
              Measure.of(figures.of(STARTER), Unit.POUND_PER_ACRE)));
    }
    List<MemberKill> kills = sprayKills(planned);
    noFigure(kills, "spraying").ifPresent(against::add);
    return result(
        Route.PLANT_GREEN,
        DateForecast.certain(planned),
        DateForecast.of(closes),
        Optional.of(planned),
        kills,
        reasons,
        against);
  }

  private RouteOutlook roll() {
    for (StageForecast stages : alive) {
      if (stages.mean(CoverStage.FLOWERING).isEmpty()) {
        return RouteOutlook.impossible(
            Route.ROLL,
            Reason.of(
                "there is no figure for when {} flowers, so no day to roll it", lower(stages)),
            Reason.of("spray it, or sow rye, vetch or another cover that the roller kills"));
      }
    }
    RollWindow window = new RollWindow(alive, rules.rolling(), outlook);
    DateForecast opens = window.opens();
    DateForecast closes = window.closes();
    Optional<RouteOutlook> blocked = window.blocked();
    if (blocked.isPresent()) {
      return blocked.get();
    }
    Share rollReady = Share.of(figures.of(RollWindow.MOST_FLOWER));
    List<Reason> reasons = new ArrayList<>();
    for (StageForecast stages : alive) {
      stages
          .when(CoverStage.FLOWERING, rollReady)
          .flatMap(DateForecast::median)
          .ifPresent(
              d ->
                  reasons.add(
                      Reason.of("{}: {} of stems flower about {}", lower(stages), rollReady, d)));
    }
    Optional<LocalDate> aim = aimed(opens, closes, false);
    List<Reason> against = new ArrayList<>();
    List<MemberKill> kills = List.of();
    if (aim.isPresent()) {
      LocalDate day = aim.get();
      RollDay roll = new RollDay(alive, mat, day, figures);
      kills = roll.kills();
      reasons.addAll(roll.reasons());
      against.addAll(roll.against());
      noFigure(kills, "the roller").ifPresent(against::add);
      double drag = YieldDrag.bushels(next.kind(), next.planned(), day, outlook.site(), figures);
      if (drag > figures.of(DRAG_SAID)) {
        against.add(
            Reason.of(
                "planting waits from {} to {}: about {} bu/ac lost", next.planned(), day, drag));
      } else if (day.isAfter(next.planned())) {
        against.add(
            Reason.of(
                "ready only after the planned planting on {}: plant first, roll at first leaves",
                next.planned()));
      }
    }
    return result(Route.ROLL, opens, closes, aim, kills, reasons, against);
  }

  private RouteOutlook winterKill() {
    List<MemberKill> kills = new ArrayList<>();
    for (var member : stand.mix().members()) {
      Share dies = Winter.killChance(member.species(), outlook, stand.seeded());
      kills.add(new MemberKill(member.species().name(), Optional.of(dies.fraction())));
    }
    double chance = least(kills).orElse(0.0);
    LocalDate spring = stand.spring(outlook.site());
    List<Reason> against = new ArrayList<>();
    against.add(
        Reason.of("bare from late winter: less soil held and fewer weeds kept down in spring"));
    return result(
        Route.WINTER_KILL,
        DateForecast.certain(spring.minusDays(figures.whole(BARE_FROM))),
        DateForecast.certain(spring.plusDays(figures.whole(SPRAY_FROM))),
        Optional.of(spring),
        kills,
        List.of(
            Reason.of(
                "the cold has killed every member by spring in {} of years", Share.of(chance))),
        against);
  }

  private RouteOutlook winterKillImpossible() {
    Species hardiest = alive.get(0).species();
    for (StageForecast stages : alive) {
      hardiest = stages.species().coldF() < hardiest.coldF() ? stages.species() : hardiest;
    }
    Share chance = Winter.killChance(hardiest, outlook, stand.seeded());
    return RouteOutlook.impossible(
        Route.WINTER_KILL,
        Reason.of("{} dies in only {} of winters here", hardiest.name().toLowerCase(), chance),
        Reason.of("sow oats, radish or another species that the cold ends"));
  }

  private RouteOutlook result(
      Route route,
      DateForecast opens,
      DateForecast closes,
      Optional<LocalDate> aim,
      List<MemberKill> kills,
      List<Reason> reasons,
      List<Reason> against) {
    Optional<Spread> weight = aim.map(mat::on);
    return new RouteOutlook(
        route,
        opens,
        closes,
        aim,
        weight,
        least(kills),
        List.copyOf(kills),
        List.copyOf(reasons),
        List.copyOf(against),
        Optional.empty(),
        Optional.empty());
  }

  /** A mix dies as its hardest member; where one has no figure, nothing is said of the whole. */
  private static Optional<Double> least(List<MemberKill> kills) {
    return kills.isEmpty() || kills.stream().anyMatch(k -> k.kill().isEmpty())
        ? Optional.empty()
        : kills.stream().flatMap(k -> k.kill().stream()).min(Double::compare);
  }

  private static Optional<Reason> noFigure(List<MemberKill> kills, String by) {
    List<String> unknown =
        kills.stream()
            .filter(k -> k.kill().isEmpty())
            .map(k -> k.species().toLowerCase(Locale.ROOT))
            .toList();
    return unknown.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Reason.of(
                "no figure for how surely {} kills {}: ask your adviser before you count on it",
                by,
                String.join(" and ", unknown)));
  }

  private Optional<Ensemble<LocalDate>> rightSizeUntil(StageForecast stages) {
    return HerbicideKill.of(stages.species())
        .flatMap(HerbicideKill::until)
        .flatMap(stages::mean)
        .map(stages::reached);
  }

  /** First of three days running warm enough for a systemic spray; the last date when none. */
  private LocalDate sprayWeather(WeatherTrace trace, LocalDate from, LocalDate to) {
    int wanted = figures.whole(SPRAY_RUN);
    double high = figures.of(SPRAY_DAY_F);
    double low = figures.of(SPRAY_NIGHT_F);
    int run = 0;
    for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
      DailyWeather weather = trace.on(day);
      run = weather.maxF() >= high && weather.minF() >= low ? run + 1 : 0;
      if (run == wanted) {
        return day;
      }
    }
    return null;
  }

  private List<MemberKill> sprayKills(LocalDate day) {
    return alive.stream()
        .map(stages -> new MemberKill(stages.species().name(), sprayKill(stages, day)))
        .toList();
  }

  private static Optional<Double> sprayKill(StageForecast stages, LocalDate day) {
    return HerbicideKill.of(stages.species())
        .map(
            figures ->
                figures.kill(
                    figures
                        .until()
                        .map(stage -> stages.sharesOn(day).getOrDefault(stage, 0.0))
                        .orElse(0.0)));
  }

  /**
   * Early in the window for the roller, late in it for the early spray (more mulch, still small).
   */
  private static Optional<LocalDate> aimed(DateForecast opens, DateForecast closes, boolean late) {
    Optional<LocalDate> from = opens.median();
    Optional<LocalDate> to = closes.median();
    if (from.isEmpty() || to.isEmpty()) {
      return late ? to : from;
    }
    return late && to.get().isAfter(from.get()) ? to : from;
  }

  private int leadDays() {
    return next.kind().corn() && grassAlive() ? figures.whole(LEAD_DAYS_CORN) : 0;
  }

  private boolean grassAlive() {
    return alive.stream().anyMatch(s -> s.species().family() == Family.GRASS);
  }

  private static String stageWords(StageForecast stages, LocalDate day) {
    String words = "still leafy";
    for (var reached : stages.sharesOn(day).entrySet()) {
      words = reached.getValue() >= 0.5 ? "at " + reached.getKey().words() : words;
    }
    return words;
  }

  private static String lower(StageForecast stages) {
    return stages.species().name().toLowerCase();
  }
}
