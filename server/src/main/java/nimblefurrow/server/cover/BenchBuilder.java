package nimblefurrow.server.cover;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.seeding.MemberRate;
import nimblefurrow.core.seeding.MoistureOutlook;
import nimblefurrow.core.seeding.SeedBlend;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.WindowRules;
import nimblefurrow.core.seeding.WorkSequence;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.season.FarmDay;

/** Lays a mix on the bench. */
final class BenchBuilder {
  /** The bench tells waits, not hours: those follow from a machine and stand with its loads. */
  private static final WorkRate ANY_RATE = WorkRate.acresPerHour(1);

  private final FarmDay farm;
  private final FieldSeason season;
  private final List<MemberRate> rates;
  private final Function<SeedingMethod, List<MemberRate>> ratesOf;
  private final CoverPlan plan;

  /**
   * @param ratesOf the members' rates by a way in
   */
  BenchBuilder(
      FarmDay farm, FieldSeason season, Function<SeedingMethod, List<MemberRate>> ratesOf) {
    this.farm = farm;
    this.season = season;
    this.ratesOf = ratesOf;
    this.plan = season.field().cover().orElseThrow();
    this.rates = ratesOf.apply(plan.way());
  }

  BenchAnswer bench() {
    boolean nothing = rates.stream().allMatch(r -> r.bulk().poundsPerAcre() <= 0);
    SeedBlend blend = nothing ? null : SeedBlend.of(rates);
    List<Species> species = rates.stream().map(MemberRate::species).toList();
    return new BenchAnswer(
        nothing ? 0 : blend.poundsPerCubicFoot(),
        plan.mix().totalShare(),
        nothing
            ? List.of("every rate is 0: there is no seed in this mix")
            : blend.cautions(plan.way(), 0).stream().map(r -> r.in(farm.units())).toList(),
        season.mat().flatMap(this::nitrogen).orElse(null),
        flowering(species, Comparator.naturalOrder()),
        flowering(species, Comparator.reverseOrder()),
        moisture(species),
        steps(
            WorkSequence.of(
                plan.way(),
                plan.side().discPasses(),
                plan.side().slurryOver(),
                species.stream().allMatch(Species::smallSeeded),
                area(),
                ANY_RATE,
                farm.figures())),
        byWay(),
        List.of(WorkSequence.fallBurndown(false), WorkSequence.fallBurndown(true)));
  }

  private Area area() {
    return season.field().facts().area();
  }

  /** The stand to expect of each way in that the crop has a window for. */
  private List<BenchAnswer.WayAnswer> byWay() {
    WindowRules windows =
        new WindowRules(
            season.crop(),
            plan.mix(),
            plan.rollOnly(),
            farm.farm().rules(),
            farm.outlook(),
            plan.clears());
    return Arrays.stream(SeedingMethod.values())
        .filter(w -> w == plan.way() || windows.cropWindow(w).impossible().isEmpty())
        .map(this::stand)
        .toList();
  }

  private BenchAnswer.WayAnswer stand(SeedingMethod way) {
    List<MemberRate> other = ratesOf.apply(way);
    return new BenchAnswer.WayAnswer(
        way.words(),
        way == plan.way(),
        other.stream().mapToDouble(r -> r.bulk().poundsPerAcre()).sum(),
        other.stream().mapToDouble(MemberRate::plantsPerSquareFoot).sum(),
        other.stream()
            .flatMap(r -> r.stand().stream())
            .max(Comparator.naturalOrder())
            .map(MemberRate.Stand::words)
            .orElse(null));
  }

  private static List<BenchAnswer.StepAnswer> steps(List<WorkSequence.Step> steps) {
    return steps.stream()
        .map(s -> new BenchAnswer.StepAnswer(s.what(), s.afterDays(), s.withinDays()))
        .toList();
  }

  private Optional<BenchAnswer.NitrogenAnswer> nitrogen(MatForecast mat) {
    Outlook outlook = farm.outlook();
    Optional<LocalDate> end = plan.clears().or(() -> season.termination().flatMap(r -> r.aim()));
    if (end.isEmpty()
        || end.get().isAfter(outlook.last())
        || end.get().isBefore(mat.stand().seeded())) {
      return Optional.empty();
    }
    Nitrogen n = Nitrogen.of(mat, end.get());
    return Optional.of(
        new BenchAnswer.NitrogenAnswer(
            end.get(),
            n.carbonToNitrogen(),
            n.contentLbAc(),
            n.availableLbAc(),
            n.starterWanted(season.field().next().kind().corn())));
  }

  private static String flowering(List<Species> species, Comparator<Double> order) {
    return species.stream()
        .filter(s -> s.winterHardy() && s.stages().containsKey(CoverStage.FLOWERING))
        .min(Comparator.comparing(s -> s.stages().get(CoverStage.FLOWERING), order))
        .map(Species::name)
        .orElse(null);
  }

  private BenchAnswer.MoistureAnswer moisture(List<Species> species) {
    LocalDate day = season.stand().map(CoverStand::seeded).orElse(null);
    if (!plan.way().surface() || plan.seeded() != null || day == null) {
      return null;
    }
    MoistureOutlook m =
        MoistureOutlook.of(
            species,
            day,
            season.field().facts().soil(),
            season.field().facts().tiled(),
            farm.outlook());
    return new BenchAnswer.MoistureAnswer(
        m.wantedIn(),
        (int) Math.round(m.chance().percent()),
        m.dryDaysMiddle(),
        m.dryDaysBad(),
        (int) Math.round(m.lossMiddle().percent()),
        (int) Math.round(m.lossBad().percent()));
  }
}
