package nimblefurrow.server.cover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.SummerSeed;
import nimblefurrow.core.cover.Winter;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.Headline;
import nimblefurrow.core.season.SheetSpan;
import nimblefurrow.core.seeding.LastUseful;
import nimblefurrow.core.seeding.MemberRate;
import nimblefurrow.core.seeding.MethodFigures;
import nimblefurrow.core.seeding.SeedTag;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.Answers;
import nimblefurrow.server.season.Answers.StageAnswer;
import nimblefurrow.server.season.Answers.TerminationAnswer;
import nimblefurrow.server.season.Answers.WindowAnswer;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.LaneBuilder;
import nimblefurrow.server.season.LaneView;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.season.SheetFrame;
import org.springframework.stereotype.Service;

/** Answers what a cover would mean for a field, chosen or only tried. */
@Service
public class CoverDesk {
  /** One member worked out; rates in lb/ac, seeds and plants per ft². */
  public record MemberAnswer(
      String species,
      String name,
      double share,
      double liveRate,
      double bulkRate,
      double seedsPerSquareFoot,
      double plantsPerSquareFoot,
      double fieldPounds,
      int bags,
      double costPerAcre,
      @Maybe LocalDate lastUseful,
      @Maybe LocalDate possible,
      @Maybe LocalDate survivesUntil,
      int winterKillPercent,
      @Maybe String stand,
      int emergencePercent,
      List<String> notes) {}

  /**
   * Everything a candidate means for the field.
   *
   * @param rolledOnly what the rate would be if the roller had not to end it alone; absent where
   *     that changes nothing
   * @param lane the field's season as it would be drawn with it
   */
  record CoverAnswer(
      String name,
      List<String> headline,
      @Maybe String rolledOnly,
      LaneView lane,
      LocalDate drawnFrom,
      LocalDate drawnTo,
      WindowAnswer window,
      @Maybe LocalDate seeding,
      boolean sown,
      List<MemberAnswer> members,
      double liveRate,
      double bulkRate,
      double fieldPounds,
      int bags,
      double costPerAcre,
      double fieldCost,
      List<StageAnswer> stages,
      List<TerminationAnswer> terminations,
      BenchAnswer bench,
      List<String> notes) {}

  private final SeedNeeds seed;
  private final Seasons seasons;

  CoverDesk(SeedNeeds seed, Seasons seasons) {
    this.seed = seed;
    this.seasons = seasons;
  }

  CoverAnswer answer(FarmDay farm, FieldSeasons field, CoverDetails details) {
    FieldCase asked = field.now().field().with(SeedNeeds.keepingSown(farm, field, details));
    FieldSeason season = seasons.tried(farm, asked);
    return told(farm, field.with(season), details);
  }

  private CoverAnswer told(FarmDay farm, FieldSeasons field, CoverDetails details) {
    FieldSeason season = field.now();
    UnitSystem units = farm.units();
    Outlook outlook = farm.outlook();
    CoverPlan plan = season.field().cover().orElseThrow();
    Map<String, SeedTag> tags = seed.tags(farm);
    List<MemberRate> rates = SeedNeeds.rates(farm, season, details, tags);
    Optional<MatForecast> mat = season.mat();
    List<TerminationAnswer> terminations = new ArrayList<>();
    mat.ifPresent(
        grown -> {
          for (var termination : farm.composer().everyTermination(season.field(), grown)) {
            terminations.add(
                TerminationAnswer.of(
                    termination,
                    termination.method() == plan.termination(),
                    units,
                    outlook.figures()));
          }
        });
    Mass pounds = rates.stream().map(MemberRate::forField).reduce(Mass.ofPounds(0), Mass::plus);
    Money perAcre = rates.stream().map(MemberRate::costPerAcre).reduce(Money.of(0), Money::plus);
    Optional<SeedRate> bulk =
        rates.stream()
            .map(MemberRate::bulk)
            .reduce(SeedRate::plus)
            .filter(r -> plan.seeded() == null);
    SheetSpan span = SheetFrame.drawn(farm, field);
    return new CoverAnswer(
        plan.mix().name(),
        Headline.of(season, outlook, bulk).stream().map(part -> part.in(units)).toList(),
        rolledOnly(plan, bulk, SeedNeeds.rates(farm, season, details, tags, plan.way(), false))
            .map(r -> r.in(units))
            .orElse(null),
        new LaneBuilder(units, farm.today(), outlook.figures())
            .lane(field, List.of(), Optional.empty(), true),
        span.from(),
        span.to(),
        WindowAnswer.of(season.window().orElseThrow(), units, outlook.today(), outlook.figures()),
        season.stand().map(s -> s.seeded()).orElse(null),
        plan.seeded() != null,
        rates.stream().map(r -> member(r, season, outlook, farm.farm())).toList(),
        rates.stream().mapToDouble(r -> r.live().poundsPerAcre()).sum(),
        rates.stream().mapToDouble(r -> r.bulk().poundsPerAcre()).sum(),
        pounds.pounds(),
        rates.stream().mapToInt(MemberRate::bags).sum(),
        perAcre.value(),
        perAcre.value() * season.field().facts().area().acres(),
        mat.map(m -> Answers.stages(season, m::on)).orElse(List.of()),
        terminations,
        new BenchBuilder(farm, season, way -> SeedNeeds.rates(farm, season, details, tags, way))
            .bench(),
        notes(plan, season, farm));
  }

  private static Optional<Reason> rolledOnly(
      CoverPlan plan, Optional<SeedRate> bulk, List<MemberRate> ordinary) {
    Optional<SeedRate> usual = ordinary.stream().map(MemberRate::bulk).reduce(SeedRate::plus);
    return plan.rollOnly() && bulk.isPresent() && usual.isPresent() && !usual.equals(bulk)
        ? Optional.of(
            Reason.of(
                "{} only because the roller has to end it alone: the ordinary rate is {}",
                bulk.get(),
                usual.get()))
        : Optional.empty();
  }

  private static MemberAnswer member(
      MemberRate rate, FieldSeason season, Outlook outlook, FarmView settings) {
    UnitSystem units = settings.units();
    CoverPlan plan = season.field().cover().orElseThrow();
    double emergence =
        new MethodFigures(settings.rules().figures())
            .emergence(
                plan.way(),
                rate.species(),
                season.field().facts().soil(),
                plan.side().thickSlurry());
    LocalDate seeding = season.stand().map(s -> s.seeded()).orElse(outlook.today());
    LocalDate spring = outlook.site().springStart(seeding);
    boolean roll = season.field().cover().orElseThrow().termination() == TerminationMethod.ROLL;
    LastUseful last =
        LastUseful.of(
            rate.species(),
            roll,
            outlook,
            spring,
            season.field().cover().flatMap(CoverPlan::clears));
    return new MemberAnswer(
        rate.species().id(),
        rate.species().name(),
        rate.share(),
        rate.live().poundsPerAcre(),
        rate.bulk().poundsPerAcre(),
        rate.liveSeedsPerSquareFoot(),
        rate.plantsPerSquareFoot(),
        rate.forField().pounds(),
        rate.bags(),
        rate.costPerAcre().value(),
        last.useful().orElse(null),
        last.possible().orElse(null),
        LastUseful.surviving(rate.species(), outlook, spring)
            .flatMap(LastUseful::useful)
            .orElse(null),
        (int) Math.round(Winter.killChance(rate.species(), outlook, seeding).percent()),
        rate.stand().map(MemberRate.Stand::words).orElse(null),
        Percent.of(emergence),
        Answers.said(rate.notes(), units));
  }

  private static List<String> notes(CoverPlan plan, FieldSeason season, FarmDay farm) {
    List<String> notes = new ArrayList<>();
    notes.add(
        "Shares add up to %.2f of full rates (0.7 to 1.3 is usual); they are never changed for you."
            .formatted(plan.mix().totalShare()));
    if (season.weeksLate() > 0) {
      notes.add(
          "Sown %.1f weeks after early seeding: small grains are raised for it."
              .formatted(season.weeksLate()));
    }
    season
        .stand()
        .ifPresent(
            stand ->
                notes.addAll(
                    Answers.said(SummerSeed.warnings(stand, farm.outlook()), farm.units())));
    return notes;
  }
}
