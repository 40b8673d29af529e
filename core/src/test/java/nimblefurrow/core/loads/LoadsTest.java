package nimblefurrow.core.loads;

import static nimblefurrow.core.quantity.Durations.inHours;
import static nimblefurrow.core.quantity.Durations.inMinutes;
import static nimblefurrow.core.quantity.Volume.cubicFeet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.quantity.Volume;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LoadsTest {
  static SeedBlend blend(String species, double bulk) {
    return new SeedBlend(
        List.of(
            new SeedBlend.Part(
                Catalogue.shipped().species(species), SeedRate.poundsPerAcre(bulk))));
  }

  @Test
  void aHopperOfRye() {
    assertThat(Hopper.of(cubicFeet(60), 0.70).load(blend("cereal-rye", 90)).pounds())
        .isCloseTo(1890, within(1e-9));
    Hopper drone = new Hopper(cubicFeet(2.5), 0.95, Mass.ofPounds(88));
    assertThat(drone.load(blend("cereal-rye", 90)).pounds()).as("by weight").isEqualTo(88);
    assertThat(drone.load(blend("annual-ryegrass", 30)).pounds())
        .as("light seed fills it by room")
        .isCloseTo(2.5 * 20 * 0.95, within(1e-9));
    assertThat(drone.fullByWeight(blend("annual-ryegrass", 30))).isFalse();
    assertThatThrownBy(() -> Hopper.of(cubicFeet(0), 0.9))
        .hasMessageContaining("neither room nor a weight");
  }

  @ParameterizedTest
  @CsvSource({"80,90,1800,4,20", "81,90,1800,5,1", "10,90,1800,1,10", "60,90,1800,3,20"})
  void theLastLoadIsTheRemainderAndNeverEmpty(
      double acres, double rate, double load, int count, double last) {
    Loads loads = Loads.of(Area.ofAcres(acres), SeedRate.poundsPerAcre(rate), Mass.ofPounds(load));
    assertThat(loads.count()).isEqualTo(count);
    assertThat(loads.lastAcres().acres()).isCloseTo(last, within(1e-9));
    assertThat(loads.refillsAt()).hasSize(count - 1);
    assertThat(loads.total().pounds())
        .as("pounds in are pounds out")
        .isCloseTo(acres * rate, within(1e-6));
  }

  @Test
  void fieldCapacity() {
    assertThat(WorkRate.of(5, 15, Share.of(0.70)).acresPerHour()).isCloseTo(6.36, within(0.005));
  }

  @Test
  void aDrillStopsForSeed() {
    // 80 ac at 72 lb: 5,760 lb; a box of 30 ft³ at 0.95 takes 1,282.5 lb, 17.8 ac; five fills.
    Wheeled drill =
        new Wheeled(
            Hopper.of(cubicFeet(30), 0.95),
            WorkRate.acresPerHour(6.4),
            Duration.ofMinutes(12),
            Mass.ofPounds(3000));
    LoadPlan plan = drill.plan(on(80), blend("cereal-rye", 72));
    assertThat(plan.loads().orElseThrow().count()).isEqualTo(5);
    assertThat(plan.loads().orElseThrow().acresPerLoad().acres()).isCloseTo(17.81, within(0.005));
    assertThat(inHours(plan.time())).isCloseTo(80 / 6.4 + 5 * 12 / 60.0, within(1e-9));
    assertThat(plan.rate().orElseThrow().acresPerHour()).isCloseTo(80 / 13.5, within(1e-9));
    assertThat(plan.needs()).containsExactly(new LoadPlan.Need("tender loads", 2));
  }

  private static OnField on(double acres) {
    return new OnField(Area.ofAcres(acres), Length.ofFeet(2640), Length.ofFeet(0));
  }

  @Test
  void theCombinesBoxIsFilledAtGrainUnloads() {
    Wheeled box =
        new Wheeled(
            Hopper.of(cubicFeet(30), 0.95),
            WorkRate.acresPerHour(6.4),
            Duration.ofMinutes(12),
            Mass.ofPounds(0));
    Combine combine = new Combine(box, Volume.bushels(300), Volume.bushels(60));
    assertThat(combine.acresPerUnload().acres()).isCloseTo(5, within(1e-9));
    Loads loads = Loads.of(Area.ofAcres(80), SeedRate.poundsPerAcre(75), Mass.ofPounds(1300));
    assertThat(combine.unloadsPerFill(loads)).as("17.3 ac a box").isEqualTo(3);
    Combine large = new Combine(box, Volume.bushels(1200), Volume.bushels(60));
    assertThat(large.unloadsPerFill(loads)).isZero();
    assertThat(combine.plan(on(80), blend("cereal-rye", 72)))
        .isEqualTo(box.plan(on(80), blend("cereal-rye", 72)));
  }

  @Test
  void slurryCarriesTheSeedByItsGallons() {
    SlurryTank tank =
        new SlurryTank(
            Volume.gallons(6000),
            Volume.gallons(8000),
            WorkRate.acresPerHour(4),
            Duration.ofMinutes(18));
    assertThat(tank.seedPerTank(SeedRate.poundsPerAcre(100)).pounds()).isCloseTo(75, within(1e-9));
    LoadPlan plan = tank.plan(on(40), blend("cereal-rye", 100));
    assertThat(plan.loads().orElseThrow().count()).as("0.75 ac a tank").isEqualTo(54);
    assertThat(plan.loads().orElseThrow().total().pounds()).isCloseTo(4000, within(1e-6));
  }

  private static SetUp plane(double milesFromTheStrip) {
    return new Aircraft(
        new Hopper(cubicFeet(67), 0.7, Mass.ofPounds(4000)),
        Length.ofFeet(60),
        Speed.mph(120),
        Speed.mph(140),
        Duration.ofMinutes(6),
        Duration.ofSeconds(35),
        Length.ofMiles(milesFromTheStrip));
  }

  @Test
  void anAirplanesDay() {
    // 67 × 45 × 0.7 = 2,110.5 lb; at 100 lb/ac 21.105 ac a load.
    LoadPlan plan = plane(8).plan(on(80), blend("cereal-rye", 100));
    double passes = 21.105 * 43560 / (60 * 2640);
    double cycle = 6 + 2 * 8 / 140.0 * 60 + 21.105 / (120 * 60 / 8.25) * 60 + passes * 35 / 60;
    assertThat(inMinutes(plan.perLoad())).isCloseTo(cycle, within(1e-6));
    assertThat(plan.loads().orElseThrow().count()).isEqualTo(4);
    assertThat(plan.rate().orElseThrow().acresPerHour()).isBetween(60.0, 90.0);
    LoadPlan far = plane(40).plan(on(80), blend("cereal-rye", 100));
    assertThat(far.limits()).isEqualTo("the distance from the strip");
    assertThat(far.rate().orElseThrow().acresPerHour())
        .isLessThan(plan.rate().orElseThrow().acresPerHour());
  }

  @Test
  void nothingToLoadIsRefusedInWords() {
    assertThatThrownBy(() -> blend("cereal-rye", 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("there is no seed to load");
  }

  @Test
  void aFerryLongerThanTheBatteryIsNotPossible() {
    Drone drone = DroneTest.outfit(3, 2, 0);
    LoadPlan plan =
        drone.plan(
            new OnField(Area.ofAcres(40), Length.ofFeet(2640), Length.ofFeet(20_000)),
            blend("cereal-rye", 90));
    assertThat(plan.possible()).isFalse();
    assertThat(plan.impossible().orElseThrow().in(UnitSystem.US))
        .contains("the ferry alone takes")
        .contains("fill nearer");
  }
}
