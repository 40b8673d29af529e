package nimblefurrow.server.termination;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldDay;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.LeastMat;
import nimblefurrow.core.termination.TerminationDate;
import nimblefurrow.core.termination.TerminationDays;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.method.StandToTerminate;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.cover.CoverKeeper;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.Answers.MatRange;
import nimblefurrow.server.season.Answers.TerminationAnswer;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.season.StageShare;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every living cover and its ways of ending, what closes first on top. */
@RestController
@RequestMapping("/api/v1/termination")
class TerminationController {
  private static final int DAYS = 84;
  private static final int MOST_FIELDS = 1000;

  /** The sheet: days are counted from {@code from}. */
  record TerminationView(LocalDate today, LocalDate from, int days, List<TerminationRow> rows) {}

  /**
   * A living cover.
   *
   * @param leastLbAc mat that the chosen way wants at least, {@code enough} the chance of it in %
   * @param planterDay day on which the next crop is meant to be planted
   * @param leadDays days for which it has to be dead before corn, {@code deadBy} the day that makes
   * @param limits days that insurers and programmes set
   * @param seedDay the day by which some seed may be viable in one year of ten
   */
  record TerminationRow(
      UUID fieldId,
      @Maybe UUID zoneId,
      String field,
      double acres,
      boolean organic,
      String cover,
      LocalDate sown,
      List<StageShare> stages,
      @Maybe MatRange mat,
      int leastLbAc,
      int enough,
      String next,
      LocalDate planterDay,
      boolean cropEntered,
      int leadDays,
      @Maybe LocalDate deadBy,
      List<LimitDay> limits,
      @Maybe LocalDate seedDay,
      TerminationMethod termination,
      @Maybe LocalDate closes,
      @Maybe Integer version,
      List<TerminationChoice> terminations) {}

  /**
   * A day set for the end of a cover.
   *
   * @param says what is to be said of the day that the chosen way aims at; absent where it keeps to
   *     it
   */
  record LimitDay(String name, TerminationDate.Kind kind, LocalDate on, @Maybe String says) {}

  /**
   * A way of ending it.
   *
   * @param chances by day in %, from the sheet's first day
   */
  record TerminationChoice(TerminationAnswer answer, List<Integer> chances) {}

  private final Seasons seasons;
  private final CoverKeeper keeper;
  private final Fields fields;
  private final CurrentFarm current;

  TerminationController(Seasons seasons, CoverKeeper keeper, Fields fields, CurrentFarm current) {
    this.seasons = seasons;
    this.keeper = keeper;
    this.fields = fields;
    this.current = current;
  }

  @GetMapping
  TerminationView sheet() {
    FarmSeason farm = seasons.needed(current.id());
    LocalDate today = farm.day().today();
    LocalDate spring = farm.day().farm().site().season(today.getYear(), 3, 15);
    LocalDate next = spring.plusYears(1);
    LocalDate from =
        today.isAfter(spring.plusDays(DAYS)) ? next : today.isBefore(spring) ? spring : today;
    List<TerminationRow> rows =
        farm.fields().parallelStream()
            .filter(LivingCover::stands)
            .map(f -> row(farm, f, from))
            .sorted(
                Comparator.comparing(
                        TerminationRow::closes, Comparator.nullsLast(Comparator.naturalOrder()))
                    .thenComparing(TerminationRow::field))
            .toList();
    return new TerminationView(today, from, DAYS, rows);
  }

  private TerminationRow row(FarmSeason farm, FieldSeasons f, LocalDate from) {
    FarmDay day = farm.day();
    FieldSeason now = f.now();
    CoverPlan plan = now.field().cover().orElseThrow();
    FitDays fit = day.weather().fit();
    FieldDay today = FieldDay.of(now, List.of(), day.today(), day.outlook(), fit);
    Footing ground = now.field().facts().ground(true);
    List<TerminationOutlook> terminations = seasons.terminations(day, f);
    int least = (int) LeastMat.orThin(plan.termination(), day.figures()).poundsPerAcre();
    int lead =
        new StandToTerminate(
                now.mat().orElseThrow(),
                now.field().next(),
                now.field().facts().organic(),
                day.farm().rules())
            .leadDays();
    Optional<LocalDate> aim = now.termination().flatMap(TerminationOutlook::aim);
    return new TerminationRow(
        f.field().id(),
        f.zone().orElse(null),
        f.field().name(),
        f.field().acres(),
        f.field().organic(),
        plan.mix().name(),
        plan.seeded(),
        today.stages().stream()
            .map(
                s ->
                    new StageShare(
                        s.species(), s.stage().words(), (int) Math.round(s.stems().percent())))
            .toList(),
        today.mat().map(MatRange::of).orElse(null),
        least,
        aim.map(
                on ->
                    (int)
                        Math.round(
                            100
                                * now.mat()
                                    .get()
                                    .chanceOfAtLeast(DryMatter.poundsPerAcre(least), on)))
            .orElse(0),
        f.next(),
        now.field().next().planned(),
        f.nextCrop().isPresent(),
        lead,
        lead > 0 ? now.field().next().planned().minusDays(lead) : null,
        now.field().facts().terminationDates().stream()
            .map(
                date ->
                    new LimitDay(
                        date.name(),
                        date.kind(),
                        date.in(now.field().next().planned()),
                        aim.flatMap(on -> date.brokenBy(on, now.field().next().planned()))
                            .map(r -> r.in(day.units()))
                            .orElse(null)))
            .toList(),
        Optional.ofNullable(now.stages().get(CoverStage.VIABLE_SEED))
            .flatMap(s -> s.early())
            .orElse(null),
        plan.termination(),
        now.closes().orElse(null),
        f.kept().map(l -> l.version()).orElse(null),
        terminations.stream()
            .map(
                r ->
                    new TerminationChoice(
                        TerminationAnswer.of(
                            r, r.method() == plan.termination(), day.units(), day.figures()),
                        r.impossible().isPresent()
                            ? List.of()
                            : TerminationDays.chances(r, ground, fit, from, DAYS).stream()
                                .map(c -> Percent.of(c))
                                .toList()))
            .toList());
  }

  record TerminationForm(
      @NotNull TerminationMethod termination,
      @NotEmpty @Size(max = MOST_FIELDS) List<@NotNull @Valid CoverAsked> fields) {}

  /** Another way of ending for some fields; one that cannot take it leaves the others alone. */
  @PutMapping("/chosen")
  List<CoverKept> choose(@Valid @RequestBody TerminationForm form) {
    UUID farm = current.id();
    form.fields().stream().map(CoverAsked::fieldId).sorted().forEach(id -> fields.hold(farm, id));
    FarmSeason season = seasons.needed(farm);
    List<CoverKept> told = new ArrayList<>();
    for (CoverAsked one : form.fields()) {
      FieldSeasons field =
          season.fields().stream()
              .filter(f -> f.field().id().equals(one.fieldId()))
              .filter(f -> Optional.ofNullable(one.zoneId()).equals(f.zone()))
              .findFirst()
              .orElseGet(() -> season.field(one.fieldId()));
      told.add(
          new CoverKept(
              one.fieldId(), field.field().name(), refusal(farm, season.day(), field, one, form)));
    }
    return told;
  }

  private String refusal(
      UUID farm, FarmDay day, FieldSeasons field, CoverAsked one, TerminationForm form) {
    if (field.kept().isEmpty()) {
      return "there is no cover on this field";
    }
    if (field.field().organic() && form.termination().usesHerbicide()) {
      return "this field is organic: herbicide is ruled out";
    }
    try {
      CoverDetails changed = field.kept().get().cover().ending(form.termination());
      keeper.write(farm, day, field, one.zoneId(), changed, one.version());
      return null;
    } catch (OutOfRange refused) {
      return refused.in(day.units());
    } catch (Conflict refused) {
      return refused.getMessage();
    }
  }
}
