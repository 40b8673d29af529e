package nimblefurrow.core.season.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.season.SideWork;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which jobs a cover asks for, and that they keep their names. */
class FieldJobsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 8, 1);
  private static final Mix RYE = Mix.of(Catalogue.shipped().species("cereal-rye"));
  private static final Mix OATS = Mix.of(Catalogue.shipped().species("oats"));
  private static final SeasonComposer COMPOSER =
      new SeasonComposer(TestWeather.outlook(TODAY), HouseRules.usual(Figures.shipped()));

  private static final UUID COVER = UUID.randomUUID();

  private static JobId id(Operation operation) {
    return new JobId(COVER, operation);
  }

  private static List<Job> jobs(CoverPlan plan) {
    FieldFacts land = new FieldFacts(Area.ofAcres(64), SoilTexture.CLAY, true, false);
    CropPlanting beans = CropPlanting.soybeans(LocalDate.of(2026, 5, 12), 3.0);
    NextCrop next = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12));
    return FieldJobs.of(
        COVER,
        "Field",
        COMPOSER.compose(new FieldCase(land, beans, Optional.ofNullable(plan), next)),
        Figures.shipped());
  }

  /** Planted on its day, rolled over the crop's first leaves: two jobs, each with its own days. */
  @Test
  void thePlanterOfAGreenWayGoesByThePlantingDay() {
    List<Job> jobs =
        jobs(
            CoverPlan.of(
                RYE, Goal.SMOTHER_WEEDS, SeedingMethod.DRILL, TerminationMethod.ROLL_AFTER));
    Job plants = jobs.stream().filter(j -> j.id().equals(id(Operation.PLANT))).findFirst().get();
    Job rolls = jobs.stream().filter(j -> j.id().equals(id(Operation.ROLL))).findFirst().get();
    assertThat(plants.window().opens().median()).contains(LocalDate.of(2027, 5, 12));
    assertThat(rolls.window().opens().median().orElseThrow()).isAfter(LocalDate.of(2027, 5, 16));
  }

  @ParameterizedTest
  @CsvSource({
    "DRILL,EARLY_SPRAY,DRILL,SPRAY",
    "DRONE,ROLL,DRONE,ROLL",
    "AIRPLANE,PLANT_GREEN,AIRPLANE,PLANT",
  })
  void aCoverAsksForItsSeedingAndItsEnd(
      SeedingMethod way, TerminationMethod termination, MachineKind machine, Operation end) {
    List<Job> jobs = jobs(CoverPlan.of(RYE, Goal.KEEP_NITROGEN, way, termination));
    assertThat(jobs.get(0).id()).isEqualTo(id(Operation.SEED));
    assertThat(jobs.get(0).kind()).isEqualTo(machine);
    assertThat(jobs.get(0).grounds().get(0).livingCover()).isFalse();
    assertThat(jobs.get(1).id()).isEqualTo(id(end));
    assertThat(jobs.get(1).grounds().get(0).livingCover())
        .as("the cover stands when it is ended")
        .isTrue();
    assertThat(jobs).allSatisfy(j -> assertThat(j.area()).isEqualTo(Area.ofAcres(64)));
  }

  @Test
  void plantingGreenIsPlantingAndSpraying() {
    assertThat(
            jobs(
                CoverPlan.of(
                    RYE, Goal.HOLD_SOIL, SeedingMethod.DRILL, TerminationMethod.PLANT_GREEN)))
        .extracting(Job::kind)
        .containsExactly(MachineKind.DRILL, MachineKind.PLANTER, MachineKind.SPRAYER);
  }

  @Test
  void whatIsDoneIsNoJobAnyMore() {
    CoverPlan plan =
        CoverPlan.of(RYE, Goal.HOLD_SOIL, SeedingMethod.DRILL, TerminationMethod.ROLL)
            .sown(LocalDate.of(2026, 7, 30));
    assertThat(jobs(plan)).extracting(Job::id).containsExactly(id(Operation.ROLL));
    CoverPlan ended = plan.ended(LocalDate.of(2026, 7, 31));
    assertThat(jobs(ended)).isEmpty();
    assertThat(jobs(null)).isEmpty();
  }

  @Test
  void discPassesComeBeforeTheSowingWithDaysBetween() {
    CoverPlan plan =
        CoverPlan.of(RYE, Goal.HOLD_SOIL, SeedingMethod.DISC_PASSES, TerminationMethod.EARLY_SPRAY)
            .with(new SideWork(3, false, false, Map.of()));
    List<Job> jobs = jobs(plan);
    assertThat(jobs)
        .extracting(Job::id)
        .containsExactly(
            id(Operation.FIRST_DISC),
            id(Operation.SECOND_DISC),
            id(Operation.SEED),
            id(Operation.SPRAY));
    assertThat(jobs.get(0).after()).isEmpty();
    assertThat(jobs.get(1).after().get(0).jobId()).isEqualTo(id(Operation.FIRST_DISC));
    After last = jobs.get(2).after().get(0);
    assertThat(last.jobId()).isEqualTo(id(Operation.SECOND_DISC));
    assertThat(last.notBefore(TODAY)).isEqualTo(TODAY.plusDays(5));
    assertThat(last.atLatest(TODAY)).isEqualTo(TODAY.plusDays(10));
    // Each pass leaves the passes after it their waits before the window closes.
    assertThat(jobs.get(0).window().end()).isEqualTo(jobs.get(2).window().end().minusDays(10));
    // The day of sowing: disc, one and a half times as long spreading by hand, cover the large
    // seed.
    assertThat(jobs.get(2).goes()).isEqualTo(3.5);
  }

  @Test
  void aDiscPassThatIsDoneIsNoJobAndTheNextWaitsFromItsDay() {
    LocalDate done = LocalDate.of(2026, 7, 28);
    CoverPlan plan =
        CoverPlan.of(RYE, Goal.HOLD_SOIL, SeedingMethod.DISC_PASSES, TerminationMethod.EARLY_SPRAY)
            .with(new SideWork(2, false, false, Map.of(Operation.FIRST_DISC, done)));
    List<Job> jobs = jobs(plan);
    assertThat(jobs).extracting(Job::id).containsExactly(id(Operation.SEED), id(Operation.SPRAY));
    assertThat(jobs.get(0).after().get(0).done()).contains(done);
  }

  @Test
  void slurryGoesOverTheSeedUntilItIsSpread() {
    SideWork slurry = new SideWork(2, true, false, Map.of());
    CoverPlan plan =
        CoverPlan.of(RYE, Goal.HOLD_SOIL, SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY)
            .with(slurry);
    assertThat(jobs(plan))
        .extracting(Job::id)
        .containsExactly(id(Operation.SEED), id(Operation.SLURRY), id(Operation.SPRAY));
    LocalDate sown = LocalDate.of(2026, 7, 30);
    Job after = jobs(plan.sown(sown)).get(0);
    assertThat(after.kind()).isEqualTo(MachineKind.SLURRY);
    assertThat(after.after().get(0).done()).contains(sown);
    assertThat(after.window().end()).isEqualTo(sown.plusDays(21));
    SideWork spread = new SideWork(2, true, false, Map.of(Operation.SLURRY, TODAY));
    assertThat(jobs(plan.sown(sown).with(spread)))
        .extracting(Job::id)
        .containsExactly(id(Operation.SPRAY));
  }

  @ParameterizedTest
  @CsvSource({
    "second_disc,SECOND_DISC,false",
    "seed,SEED,false",
    "slurry,SLURRY,false",
    "roll,ROLL,true"
  })
  void anOperationIsKeptByItsCode(String code, Operation operation, boolean ends) {
    assertThat(Coded.of(Operation.class, code).orElseThrow()).isEqualTo(operation);
    assertThat(operation.code()).isEqualTo(code);
    assertThat(operation.ends()).isEqualTo(ends);
  }

  @ParameterizedTest
  @CsvSource({"0", "4"})
  void discPassesAreOneToThree(int passes) {
    assertThatThrownBy(() -> new SideWork(passes, false, false, Map.of()))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("disc passes is 1–3");
  }

  @Test
  void theWinterNeedsNoMachineAndTheImpossibleNoJob() {
    assertThat(
            jobs(
                CoverPlan.of(
                    OATS, Goal.HOLD_SOIL, SeedingMethod.DRONE, TerminationMethod.WINTER_KILL)))
        .extracting(Job::id)
        .containsExactly(id(Operation.SEED));
    assertThat(
            jobs(
                CoverPlan.of(
                    RYE, Goal.HOLD_SOIL, SeedingMethod.INTERSEEDER, TerminationMethod.ROLL)))
        .isEmpty();
    assertThat(
            jobs(CoverPlan.of(OATS, Goal.HOLD_SOIL, SeedingMethod.DRONE, TerminationMethod.ROLL)))
        .extracting(Job::id)
        .containsExactly(id(Operation.SEED));
  }
}
