package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RulesOfSeedingTest {
  private static final MethodFigures WAYS = new MethodFigures(Figures.shipped());
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 1);
  private static final SeedTag TAG = SeedTag.typed(98, 85, 0, LocalDate.of(2026, 6, 1));

  private static Species species(String id) {
    return Catalogue.shipped().species(id);
  }

  private static List<MemberRate> rates(RateBuilder builder, Mix mix) {
    Map<String, SeedTag> tags = new java.util.HashMap<>();
    mix.members().forEach(m -> tags.put(m.species().id(), TAG));
    return builder.members(mix, Area.ofAcres(80), tags, Map.of(), TODAY);
  }

  private static String notes(MemberRate rate) {
    return String.join("; ", rate.notes().stream().map(n -> n.in(UnitSystem.US)).toList());
  }

  @ParameterizedTest
  @CsvSource({
    "radish,0.5,crimson-clover,true",
    "radish,0.35,crimson-clover,false",
    "rapeseed,0.3,hairy-vetch,true",
    "annual-ryegrass,0.6,phacelia,true",
    "cereal-rye,0.8,flax,true",
    "cereal-rye,0.6,flax,false"
  })
  void aBullyIsWarnedBesideSlowerPartnersOnly(
      String bully, double share, String partner, boolean warned) {
    RateBuilder drill = TestRates.usual(SeedingMethod.DRILL, Goal.KEEP_NITROGEN, false, 0);
    Mix mix = new Mix(List.of(new Mix.Member(species(bully), share))).and(species(partner), 0.5);
    String said = notes(rates(drill, mix).get(0));
    assertThat(said.contains("crowds out its slower partners")).isEqualTo(warned);
  }

  @Test
  void twoBrassicasOrRyegrassWithRadishMayRunHigher() {
    RateBuilder drill = TestRates.usual(SeedingMethod.DRILL, Goal.KEEP_NITROGEN, false, 0);
    Mix mix =
        new Mix(List.of(new Mix.Member(species("annual-ryegrass"), 0.7)))
            .and(species("radish"), 0.6);
    assertThat(notes(rates(drill, mix).get(0)))
        .contains("may run above 40 %")
        .doesNotContain("crowds out");
  }

  @Test
  void sharesAreNeverChangedBehindTheSowersBack() {
    RateBuilder drill = TestRates.usual(SeedingMethod.DRILL, Goal.KEEP_NITROGEN, false, 0);
    Mix heavy =
        new Mix(List.of(new Mix.Member(species("cereal-rye"), 1.2)))
            .and(species("hairy-vetch"), 1.3);
    List<MemberRate> rates = rates(drill, heavy);
    assertThat(rates.get(0).share()).isEqualTo(1.2);
    assertThat(rates.get(0).live().poundsPerAcre()).isEqualTo(72);
    assertThat(rates.get(1).live().poundsPerAcre()).isEqualTo(26);
    assertThat(heavy.totalShare()).isEqualTo(2.5);
  }

  @ParameterizedTest
  @EnumSource(SeedingMethod.class)
  void noRateEverPassesTwoHundredPounds(SeedingMethod way) {
    for (Goal goal : Goal.values()) {
      for (boolean roll : new boolean[] {true, false}) {
        RateBuilder builder = TestRates.usual(way, goal, roll, 30);
        for (Species s : Catalogue.shipped().all()) {
          SeedRate rate = builder.live(new Mix.Member(s, 3));
          assertThat(rate.poundsPerAcre()).as(s.id()).isPositive().isLessThanOrEqualTo(200);
          double ceiling =
              (roll ? s.rollHigh().orElse(s.high()) : s.high()).poundsPerAcre()
                  * WAYS.rateFactor(way, false);
          assertThat(rate.poundsPerAcre()).isLessThanOrEqualTo(ceiling + 1e-9);
        }
      }
    }
  }

  @Test
  void evenPlacementSowsTheCombineSeederThinner() {
    RateBuilder ordinary = combine(HouseRules.usual(Figures.shipped()));
    HouseRules usual = HouseRules.usual(Figures.shipped());
    RateBuilder even =
        combine(
            new HouseRules(
                usual.overCorn(),
                usual.overBeans(),
                usual.rolling(),
                usual.rollingCorn(),
                HouseRules.Placing.EVEN,
                usual.rows(),
                usual.figures()));
    Mix.Member rye = new Mix.Member(species("cereal-rye"), 1);
    assertThat(ordinary.live(rye).poundsPerAcre()).isEqualTo(75);
    assertThat(even.live(rye).poundsPerAcre()).isEqualTo(60);
  }

  private static FigureId combine(String figure) {
    return new FigureId("ways", "combine_seeder", figure);
  }

  private static RateBuilder combine(HouseRules rules) {
    return new RateBuilder(
        SeedingMethod.COMBINE_SEEDER, Goal.KEEP_NITROGEN, false, 0, rules, SoilTexture.LOAM);
  }

  @Test
  void aFarmsOwnFiguresOfAWayChangeItsRateAndItsStand() {
    Figures figures =
        Figures.shipped().with(Map.of(combine("rate"), 1.5, combine("emergence"), 0.60));
    MethodFigures own = new MethodFigures(figures);
    RateBuilder mine = combine(HouseRules.usual(figures));
    Mix rye = Mix.of(species("cereal-rye"));
    assertThat(mine.live(rye.members().get(0)).poundsPerAcre()).isEqualTo(90);
    MemberRate worked = rates(mine, rye).get(0);
    assertThat(worked.plantsPerSquareFoot() / worked.liveSeedsPerSquareFoot())
        .isCloseTo(0.60, within(1e-9));
    assertThat(own.rateFactor(SeedingMethod.DRILL, false)).as("others stay").isEqualTo(1.0);
    assertThat(figures.find(new FigureId("ways", "drill", "rate_even")))
        .as("a dash is no figure")
        .isEmpty();
    assertThatThrownBy(() -> figures.with(Map.of(combine("emergence"), 1.4)))
        .hasMessageContaining("live seed that comes up is 0.01–1");
    assertThatThrownBy(() -> figures.with(Map.of(combine("speed"), 1.0)))
        .hasMessageContaining("figure is one of the catalogue's");
  }

  @Test
  void theStandIsJudgedByTheMembersShare() {
    RateBuilder drill = TestRates.usual(SeedingMethod.DRILL, Goal.KEEP_NITROGEN, false, 0);
    assertThat(rates(drill, Mix.of(species("cereal-rye"))).get(0).stand())
        .as("19.8 plants, 12 make a good stand")
        .contains(MemberRate.Stand.GOOD);
    RateBuilder air = TestRates.usual(SeedingMethod.BROADCAST, Goal.HOLD_SOIL, false, 0);
    assertThat(rates(air, Mix.of(species("winter-pea"))).get(0).stand())
        .as("75 lb of pea left on top: 6.9 seeds × 0.14 = 0.96 plants, 1.5 are poor")
        .contains(MemberRate.Stand.POOR);
    assertThat(rates(drill, Mix.of(species("lentil"))).get(0).stand()).as("no figure").isEmpty();
  }

  @Test
  void aRestrictionEndsOnItsDay() {
    Restriction r =
        new Restriction(
            "imazethapyr", LocalDate.of(2026, 6, 1), 100, Set.of(Family.BRASSICA), Set.of("oats"));
    LocalDate until = LocalDate.of(2026, 9, 9);
    assertThat(r.until()).isEqualTo(until);
    assertThat(r.against(species("radish"), until.minusDays(1))).isPresent();
    assertThat(r.against(species("radish"), until)).isEmpty();
    assertThat(r.against(species("oats"), until.minusDays(1))).isPresent();
    assertThat(r.against(species("cereal-rye"), until.minusDays(50))).isEmpty();
    assertThatThrownBy(() -> new Restriction("x", LocalDate.of(2026, 6, 1), -1, Set.of(), Set.of()))
        .hasMessageContaining("days to sowing is 0–1500 days");
  }

  @Test
  void groundHeavesWhileAQuarterOfTheDaysFreezeAndThaw() {
    LocalDate from = LocalDate.of(2026, 2, 1);
    // Highs and lows lie ten degrees about the mean: 30 °F is 20 to 40, 50 °F 40 to 60.
    var heaving = TestWeather.trace(from, from.plusDays(60), d -> 30);
    var mild = TestWeather.trace(from, from.plusDays(60), d -> 50);
    var everyFourth =
        TestWeather.trace(from, from.plusDays(60), d -> d.toEpochDay() % 4 == 0 ? 30 : 50);
    var everyFifth =
        TestWeather.trace(from, from.plusDays(60), d -> d.toEpochDay() % 5 == 0 ? 30 : 50);
    LocalDate day = from.plusDays(30);
    assertThat(FrostSeeding.heaving(heaving, day, Figures.shipped())).isTrue();
    assertThat(FrostSeeding.heaving(mild, day, Figures.shipped())).isFalse();
    assertThat(FrostSeeding.heaving(everyFifth, day, Figures.shipped())).isFalse();
    boolean once = false;
    for (int i = 0; i < 4; i++) {
      once |= FrostSeeding.heaving(everyFourth, day.plusDays(i), Figures.shipped());
    }
    assertThat(once).isTrue();
  }

  @Test
  void moreRainNeverLowersTheChanceOfMoisture() {
    double before = -1;
    for (double rain : new double[] {0, 0.05, 0.1, 0.3, 0.8}) {
      LocalDate from = LocalDate.of(2026, 8, 1);
      var trace = TestWeather.trace(from, from.plusDays(90), d -> 72, d -> rain);
      var water =
          nimblefurrow.core.weather.TopsoilWater.run(
              trace, TestWeather.SITE, SoilTexture.SAND, false, 0, 0, Figures.shipped());
      double early =
          -MoistureOutlook.dryDays(trace, water, from.plusDays(40), 0.6, Figures.shipped());
      assertThat(early).isGreaterThanOrEqualTo(before == -1 ? early : before);
      before = early;
    }
  }

  @Test
  void everyGoalIsServedByMoreThanOneSpecies() {
    for (Goal goal : Goal.values()) {
      assertThat(Catalogue.shipped().all().stream().filter(s -> goal.servedBy(s) >= 0.66).count())
          .as(goal.words())
          .isGreaterThan(2);
    }
    assertThat(Goal.FIX_NITROGEN.servedBy(species("cereal-rye"))).isZero();
    assertThat(Goal.LOOSEN.servedBy(species("radish"))).isEqualTo(1);
  }
}
