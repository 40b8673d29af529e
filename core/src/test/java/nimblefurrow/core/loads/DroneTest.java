package nimblefurrow.core.loads;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.PriorityQueue;
import java.util.SplittableRandom;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.quantity.Volume;
import org.junit.jupiter.api.Test;

class DroneTest {
  static Drone outfit(int batteries, int chargers, double gate) {
    return new Drone(
        new Hopper(Volume.cubicFeet(2.6), 0.95, Mass.ofPounds(88)),
        Length.ofFeet(30),
        Speed.feetPerSecond(20),
        Duration.ofSeconds(8),
        Duration.ofMinutes(9),
        Duration.ofMinutes(2),
        batteries,
        chargers,
        Duration.ofMinutes(12),
        Duration.ofMinutes(4),
        Mass.ofPounds(gate));
  }

  /** Lines of 1,452 ft: one turn for each acre of a 30 ft swath. */
  private static OnField on(double acres, double ferry) {
    return new OnField(Area.ofAcres(acres), Length.ofFeet(1452), Length.ofFeet(ferry));
  }

  @Test
  void oneCycleByHand() {
    // Rye 90 lb/ac: 88 lb is 0.978 ac. 43,560 ÷ (30 × 20) + 8 = 80.6 s/ac; 78.8 s over the field.
    LoadPlan plan = outfit(9, 6, 0).plan(on(80, 600), LoadsTest.blend("cereal-rye", 90));
    double acres = 88 / 90.0;
    double air = acres * 80.6 / 60 + 2 * 600 / 20.0 / 60;
    double cycle = air + 2;
    assertThat(Durations.inMinutes(plan.perLoad())).isCloseTo(cycle, within(1e-9));
    assertThat(plan.rate().orElseThrow().acresPerHour())
        .isCloseTo(60 / cycle * acres, within(1e-9));
    assertThat(plan.loads().orElseThrow().count()).isEqualTo(82);
    assertThat(plan.limits()).isEqualTo("the load");
    assertThat(plan.needs())
        .containsExactly(
            new LoadPlan.Need("batteries for no waiting", (int) Math.ceil((air + 16) / cycle)),
            new LoadPlan.Need("chargers for no waiting", (int) Math.ceil(12 / cycle)));
  }

  @Test
  void lightSeedEndsWithTheBatteryAndTwoBatteriesHoldUpTheWork() {
    LoadPlan light = outfit(9, 6, 0).plan(on(80, 600), LoadsTest.blend("turnip", 6));
    assertThat(light.limits()).isEqualTo("the battery's air time");
    LoadPlan few = outfit(2, 6, 0).plan(on(80, 600), LoadsTest.blend("cereal-rye", 90));
    assertThat(few.limits()).isEqualTo("the number of batteries");
    LoadPlan slow = outfit(9, 1, 0).plan(on(80, 600), LoadsTest.blend("cereal-rye", 90));
    assertThat(slow.limits()).isEqualTo("the chargers");
    assertThat(slow.rate().orElseThrow().acresPerHour()).isCloseTo(5 * 88 / 90.0, within(1e-9));
  }

  @Test
  void aNarrowGateMakesItFlySlower() {
    Drone drone = outfit(9, 6, 40);
    SeedRate rate = SeedRate.poundsPerAcre(90);
    double speed = drone.speedFor(rate).feetPerSecond();
    assertThat(90 * 30 * speed * 60 / 43560).as("pounds a minute").isCloseTo(40, within(1e-9));
    assertThat(speed).isLessThan(20);
    assertThat(
            drone
                .plan(on(80, 0), LoadsTest.blend("cereal-rye", 90))
                .notes()
                .get(0)
                .in(UnitSystem.US))
        .contains("fly at");
  }

  /** A day of flights played out: batteries in a queue, chargers in a queue, one drone. */
  private static double played(
      double air, double refill, int batteries, int chargers, double charge, double cool) {
    PriorityQueue<Double> ready = new PriorityQueue<>();
    PriorityQueue<Double> freeCharger = new PriorityQueue<>();
    for (int i = 0; i < batteries; i++) {
      ready.add(0.0);
    }
    for (int i = 0; i < chargers; i++) {
      freeCharger.add(0.0);
    }
    double now = 0;
    int flights = 4000;
    for (int i = 0; i < flights; i++) {
      now = Math.max(now, ready.poll()) + air;
      double start = Math.max(now + cool, freeCharger.poll());
      freeCharger.add(start + charge);
      ready.add(start + charge);
      now += refill;
    }
    return flights / now * 60;
  }

  @Test
  void sustainedFlightsAgreeWithADayPlayedOut() {
    SplittableRandom random = new SplittableRandom(17);
    int checked = 0;
    for (int i = 0; i < 400; i++) {
      int batteries = 1 + random.nextInt(9);
      int chargers = 1 + random.nextInt(5);
      double charge = 4 + random.nextDouble() * 20;
      double cool = random.nextDouble() * 10;
      double refill = 0.5 + random.nextDouble() * 4;
      double ferry = random.nextDouble() * 2000;
      double bulk = 20 + random.nextDouble() * 120;
      Drone drone =
          new Drone(
              new Hopper(Volume.cubicFeet(2.6), 0.95, Mass.ofPounds(88)),
              Length.ofFeet(30),
              Speed.feetPerSecond(20),
              Duration.ofSeconds(8),
              Duration.ofMinutes(9),
              Durations.minutes(refill),
              batteries,
              chargers,
              Durations.minutes(charge),
              Durations.minutes(cool),
              Mass.ofPounds(0));
      LoadPlan plan = drone.plan(on(500, ferry), LoadsTest.blend("cereal-rye", bulk));
      if (plan.possible()) {
        double acres = plan.loads().orElseThrow().acresPerLoad().acres();
        double air = acres * 80.6 / 60 + 2 * ferry / 20 / 60;
        assertThat(60 / Durations.inMinutes(plan.perLoad()))
            .isCloseTo(
                played(air, refill, batteries, chargers, charge, cool),
                within(0.01 * 60 / Durations.inMinutes(plan.perLoad())));
        checked++;
      }
    }
    assertThat(checked).isGreaterThan(300);
  }

  @Test
  void moreBatteriesOrChargersNeverSlowTheWork() {
    double before = 0;
    for (int batteries = 1; batteries < 10; batteries++) {
      double rate =
          outfit(batteries, 3, 0)
              .plan(on(80, 900), LoadsTest.blend("cereal-rye", 90))
              .rate()
              .orElseThrow()
              .acresPerHour();
      assertThat(rate).isGreaterThanOrEqualTo(before - 1e-9);
      before = rate;
    }
  }
}
