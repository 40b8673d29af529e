package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.season.job.FieldJobs;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.worth.ComparedMethod;
import nimblefurrow.core.termination.worth.TradeOffs;
import nimblefurrow.core.termination.worth.WorthCase;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What waiting costs a sowing and an ending, by the field's own season. */
class DayCostsTest {
  private static final Figures F = Figures.shipped();
  private static final Outlook AUTUMN = TestWeather.outlook(LocalDate.of(2026, 8, 1));
  private static final Outlook SPRING = TestWeather.outlook(LocalDate.of(2027, 4, 1));
  private static final FieldFacts LAND =
      new FieldFacts(Area.ofAcres(64), SoilTexture.SILT_LOAM, true, false);

  private static FieldSeason season(
      Outlook outlook, FieldFacts land, TerminationMethod termination, LocalDate sown) {
    CoverPlan plan =
        CoverPlan.of(
                Mix.of(Catalogue.shipped().species("cereal-rye")),
                Goal.SMOTHER_WEEDS,
                SeedingMethod.DRILL,
                termination)
            .sown(sown);
    return new SeasonComposer(outlook, HouseRules.usual(F))
        .compose(
            new FieldCase(
                land,
                CropPlanting.soybeans(LocalDate.of(2026, 5, 12), 3.0),
                Optional.of(plan),
                new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12))));
  }

  private static FieldSeason growing(FieldFacts land, TerminationMethod termination) {
    return season(SPRING, land, termination, LocalDate.of(2026, 10, 2));
  }

  private static Job job(FieldSeason season, Operation operation) {
    return FieldJobs.of(UUID.randomUUID(), "Field", season, F).stream()
        .filter(j -> j.id().operation() == operation)
        .findFirst()
        .map(j -> FieldJobs.valued(j, season, F))
        .orElseThrow();
  }

  /** What is late costs less by waiting: much of it is gone on every day that is left. */
  @Test
  void whatIsGoneOnTheBestDayLeftCountsForNone() {
    Job late =
        job(
            season(
                TestWeather.outlook(LocalDate.of(2026, 10, 28)),
                LAND,
                TerminationMethod.EARLY_SPRAY,
                null),
            Operation.SEED);
    assertThat(late.value().points().get(0).perAcre()).isEqualTo(Money.of(0));
    assertThat(late.value().lost().value()).isBetween(5.0, 40.0);
  }

  /** Of each year it is counted by hand whether its best days, its use and its life are over. */
  @Test
  void aDayOfSowingCostsWhatTheYearsHaveLostByThen() {
    FieldSeason season = season(AUTUMN, LAND, TerminationMethod.EARLY_SPRAY, null);
    Job sowing = job(season, Operation.SEED);
    var window = season.window().orElseThrow();
    int years = window.closes().members();
    int asked = 0;
    for (WorkValue.Point point : sowing.value().points()) {
      int tooEarly = 0;
      int pastBest = 0;
      int pastUse = 0;
      int pastLife = 0;
      for (int year = 0; year < years; year++) {
        tooEarly += window.bestFrom().comeBy(point.day(), year) ? 0 : 1;
        pastBest += window.bestTo().comesOnOrAfter(point.day(), year) ? 0 : 1;
        pastUse += window.closes().comesOnOrAfter(point.day(), year) ? 0 : 1;
        pastLife += window.lives().comesOnOrAfter(point.day(), year) ? 0 : 1;
      }
      double share = (.1 * Math.max(tooEarly, pastBest) + .5 * pastUse + .4 * pastLife) / years;
      assertThat(point.perAcre().value())
          .as("on %s", point.day())
          .isCloseTo(70 * share, within(.011));
      asked++;
    }
    assertThat(asked).isGreaterThan(4);
    assertThat(sowing.value().lost()).isEqualTo(Money.of(70));
    assertThat(sowing.value().moves()).as("heat ends by the calendar, not by the crop").isFalse();
    LocalDate use = window.closes().late().orElseThrow();
    assertThat(sowing.value().dollarsOn(use)).isGreaterThan(25);
    assertThat(sowing.value().dollarsOn(sowing.window().end())).isLessThan(15);
  }

  @ParameterizedTest
  @CsvSource({
    "EARLY_SPRAY,SPRAY,SPRAYED",
    "PLANT_GREEN,PLANT,GREEN",
    "ROLL,ROLL,ROLLED",
    "ROLL_AFTER,ROLL,ROLLED_AFTER",
    "TILLAGE,TILL,TILLED"
  })
  void anEndingCostsWhatItsTradeOffLosesAgainstTheBestDayOfTheWindow(
      TerminationMethod termination, Operation operation, ComparedMethod way) {
    FieldSeason season = growing(LAND, termination);
    Job ends = job(season, operation);
    WorthCase at =
        WorthCase.of(
            CropKind.SOYBEANS,
            LocalDate.of(2027, 5, 12),
            false,
            Weeds.USUAL,
            1,
            1,
            false,
            SPRING.site(),
            F);
    var days =
        new TradeOffs(
                season.mat().orElseThrow(),
                at,
                new FitDays(SPRING),
                LAND.ground(true),
                LAND.ground(false))
            .work(false).ways().stream()
                .filter(w -> w.way() == way)
                .findFirst()
                .orElseThrow()
                .days();
    List<WorkValue.Point> points = ends.value().points();
    assertThat(points).hasSizeGreaterThan(1);
    WorkValue.Point first = points.get(0);
    for (WorkValue.Point point : points) {
      double lessThanFirst = net(days, first.day()) - net(days, point.day());
      assertThat(point.perAcre().value() - first.perAcre().value())
          .as("%s on %s", way, point.day())
          .isCloseTo(lessThanFirst, within(.011));
    }
    assertThat(points.stream().mapToDouble(p -> p.perAcre().value()).min()).hasValue(0);
  }

  private static double net(
      List<nimblefurrow.core.termination.worth.TradeOff.OneDay> days, LocalDate on) {
    return days.stream().filter(d -> d.on().equals(on)).findFirst().orElseThrow().mean();
  }

  @Test
  void aWeedierFieldHasOtherDays() {
    List<WorkValue.Point> usual =
        job(growing(LAND, TerminationMethod.EARLY_SPRAY), Operation.SPRAY).value().points();
    List<WorkValue.Point> weedy =
        job(
                growing(
                    LAND.weedy(Weeds.USUAL.with(WeedLoad.HEAVY)), TerminationMethod.EARLY_SPRAY),
                Operation.SPRAY)
            .value()
            .points();
    assertThat(weedy).hasSameSizeAs(usual).isNotEqualTo(usual);
  }

  @Test
  void whatHasNoTradeOffGoesByItsWindow() {
    assertThat(ComparedMethod.of(TerminationMethod.MOWING, MachineKind.MOWER)).isEmpty();
    assertThat(ComparedMethod.of(TerminationMethod.ROLL_AND_SPRAY, MachineKind.SPRAYER)).isEmpty();
    Job mows = job(growing(LAND, TerminationMethod.MOWING), Operation.MOW);
    assertThat(mows.value().lost()).isEqualTo(Money.of(60));
    assertThat(mows.value().points()).hasSize(3);
  }
}
