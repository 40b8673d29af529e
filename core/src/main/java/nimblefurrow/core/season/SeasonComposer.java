package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.Residue;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.seeding.WindowRules;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.weather.Dormancy;
import nimblefurrow.core.weather.Outlook;

/** The pipeline field → calendar → window → growth → end, for one field. */
public final class SeasonComposer {
  private static final FigureKey NO_AIM_TO = FigureKey.of("season", "no_aim_to");
  private static final FigureKey WINTER_KILLED_TO = FigureKey.of("season", "winter_killed_to");
  private static final FigureKey EARLY_ENOUGH = FigureKey.of("season", "early_enough");
  private static final int RIDGE_STEP_DAYS = 7;
  private static final FigureKey LIES_DAYS = FigureKey.of("season", "mat_shown");

  private final Outlook outlook;
  private final HouseRules rules;
  private final FitDays fit;
  private final Figures figures;

  /** Composes seasons in an outlook's weather under a house's rules. */
  public SeasonComposer(Outlook outlook, HouseRules rules) {
    this(outlook, rules, new FitDays(outlook));
  }

  /**
   * The same, of a farm whose fit days are known.
   *
   * @param fit the days of that outlook, shared by all who ask
   */
  public SeasonComposer(Outlook outlook, HouseRules rules, FitDays fit) {
    this.fit = fit;
    this.outlook = outlook;
    this.rules = rules;
    this.figures = outlook.figures();
  }

  /**
   * Works out one field's season; nothing is summed up over the years before the end.
   *
   * @throws OutOfRange when the cover cannot be worked out, saying which figure does not fit
   */
  public FieldSeason compose(FieldCase field) {
    CropCalendar crop = CropCalendar.of(field.crop(), outlook);
    if (field.cover().isEmpty()) {
      return new FieldSeason(
          field,
          crop,
          Optional.empty(),
          Optional.empty(),
          List.of(),
          Map.of(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          0);
    }
    CoverPlan plan = field.cover().get();
    SeedingWindow window =
        new WindowRules(crop, plan.mix(), plan.rollOnly(), rules, outlook, plan.clears())
            .window(plan.way());
    Optional<Verdict> verdict =
        plan.seeded() == null && plan.ended() == null
            ? Optional.of(Verdict.of(window, outlook.today(), figures))
            : Optional.empty();
    Optional<MatForecast> mat =
        seedingDay(plan, window).map(day -> new MatForecast(stand(field, plan, day), outlook));
    Optional<CoverStand> stand = mat.map(MatForecast::stand);
    Optional<TerminationOutlook> termination =
        plan.clears().isPresent()
            ? Optional.empty()
            : mat.map(m -> terminations(field, m).termination(plan.termination()));
    return new FieldSeason(
        field,
        crop,
        Optional.of(window),
        mat,
        mat.map(m -> ridge(m, plan, termination)).orElse(List.of()),
        stand.map(this::stages).orElse(Map.of()),
        termination,
        verdict,
        closes(plan, verdict, termination),
        Optional.of(new DayCosts(field, window, mat, fit, outlook)),
        stand.map(this::weeksLate).orElse(0.0));
  }

  /**
   * Every way of ending the field's cover, the chosen one among them; none for a cover that makes
   * room for another.
   */
  public List<TerminationOutlook> everyTermination(FieldCase field, MatForecast mat) {
    if (field.cover().flatMap(CoverPlan::clears).isPresent()) {
      return List.of();
    }
    TerminationRules rulesOfField = terminations(field, mat);
    List<TerminationOutlook> all = new ArrayList<>();
    for (TerminationMethod termination : TerminationMethod.values()) {
      all.add(rulesOfField.termination(termination));
    }
    return all;
  }

  private TerminationRules terminations(FieldCase field, MatForecast mat) {
    return new TerminationRules(
        mat, field.next(), field.facts().organic(), rules, field.facts().terminationDates());
  }

  /** The day sown; before that the planned day, or where the window is best; never one gone by. */
  private Optional<LocalDate> seedingDay(CoverPlan plan, SeedingWindow window) {
    if (plan.seeded() != null) {
      return Optional.of(plan.seeded());
    }
    if (plan.planned() != null && plan.planned().isAfter(outlook.last())) {
      throw new OutOfRange(
          "planned day",
          "planned day is %s at the latest, got %s".formatted(outlook.last(), plan.planned()));
    }
    Optional<LocalDate> day =
        plan.planned() != null ? Optional.of(plan.planned()) : window.pencilled();
    return day.map(d -> d.isBefore(outlook.today()) ? outlook.today() : d);
  }

  private static CoverStand stand(FieldCase field, CoverPlan plan, LocalDate seeded) {
    return new CoverStand(plan.mix(), seeded, field.facts().conditions(), plan.seen());
  }

  /**
   * Weeks of sowing after the day that leaves 600 °F-days to dormancy in the middle year; what
   * frost kills is late for its own winter, not for the one gone by.
   */
  public double weeksLate(CoverStand stand) {
    LocalDate seeded = stand.seeded();
    LocalDate spring = stand.spring(outlook.site());
    Heat enough = Heat.of(figures.of(EARLY_ENOUGH), HeatBase.BASE_40);
    return DateForecast.of(
            outlook.each(
                t ->
                    t.lastDayLeaving(
                        Dormancy.in(t, outlook.site(), spring, figures).date(), enough)))
        .median()
        .map(early -> Math.max(0, ChronoUnit.DAYS.between(early, seeded) / 7.0))
        .orElse(0.0);
  }

  private List<RidgePoint> ridge(
      MatForecast mat, CoverPlan plan, Optional<TerminationOutlook> termination) {
    CoverStand stand = mat.stand();
    LocalDate spring = stand.spring(outlook.site());
    LocalDate end = end(plan, termination, spring);
    List<RidgePoint> ridge = new ArrayList<>();
    LocalDate day = stand.seeded();
    for (; day.isBefore(end) && day.isBefore(outlook.last()); day = day.plusDays(RIDGE_STEP_DAYS)) {
      ridge.add(new RidgePoint(day, mat.on(day), true));
    }
    if (end.isAfter(outlook.last())) {
      return ridge;
    }
    Spread last = mat.on(end);
    ridge.add(new RidgePoint(end, last, true));
    if (plan.clearing() != null && plan.clearing().how() == Clearing.How.FORAGE_CUT) {
      return ridge;
    }
    double carbon = Nitrogen.carbonOfMix(mat, end);
    int shown = figures.whole(LIES_DAYS);
    for (int lies = RIDGE_STEP_DAYS; lies <= shown; lies += RIDGE_STEP_DAYS) {
      LocalDate then = end.plusDays(lies);
      double left = Residue.left(outlook, carbon, end, then);
      ridge.add(new RidgePoint(then, last.times(left), false));
    }
    return ridge;
  }

  private LocalDate end(
      CoverPlan plan, Optional<TerminationOutlook> termination, LocalDate spring) {
    if (plan.ended() != null) {
      return plan.ended();
    }
    if (plan.clears().isPresent()) {
      return plan.clears().get();
    }
    return plan.termination() == TerminationMethod.WINTER_KILL
        ? spring.plusDays(figures.whole(WINTER_KILLED_TO))
        : termination
            .flatMap(TerminationOutlook::aim)
            .orElse(spring.plusDays(figures.whole(NO_AIM_TO)));
  }

  private Map<CoverStage, DateForecast> stages(CoverStand stand) {
    Map<CoverStage, DateForecast> stages = new EnumMap<>(CoverStage.class);
    latest(stand)
        .ifPresent(
            forecast -> {
              for (CoverStage stage : CoverStage.values()) {
                forecast.when(stage).ifPresent(when -> stages.put(stage, when));
              }
            });
    return stages;
  }

  /** The member of a mix that flowers last; empty when none lives on. */
  public Optional<StageForecast> latest(CoverStand stand) {
    return stand.mix().winterHardy().stream()
        .map(species -> new StageForecast(species, stand, outlook))
        .filter(f -> f.mean(CoverStage.FLOWERING).isPresent())
        .max(java.util.Comparator.comparing(f -> f.mean(CoverStage.FLOWERING).orElseThrow()));
  }

  private static Optional<LocalDate> closes(
      CoverPlan plan, Optional<Verdict> verdict, Optional<TerminationOutlook> termination) {
    if (plan.ended() != null) {
      return Optional.empty();
    }
    if (plan.seeded() == null) {
      return verdict.flatMap(Verdict::by);
    }
    if (plan.clears().isPresent()) {
      return plan.clears();
    }
    return termination
        .filter(r -> r.method() != TerminationMethod.WINTER_KILL)
        .flatMap(r -> r.closes().median());
  }
}
