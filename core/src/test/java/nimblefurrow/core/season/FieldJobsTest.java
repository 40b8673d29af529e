package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.schedule.After;
import nimblefurrow.core.schedule.Job;
import nimblefurrow.core.schedule.MachineKind;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.HouseRules;
import nimblefurrow.core.seeding.WayIn;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which jobs a cover asks for, and that they keep their names. */
class FieldJobsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 8, 1);
  private static final Mix RYE = Mix.of(Catalogue.of(Figures.shipped()).species("cereal-rye"));
  private static final Mix OATS = Mix.of(Catalogue.of(Figures.shipped()).species("oats"));
  private static final SeasonComposer COMPOSER =
      new SeasonComposer(TestWeather.outlook(TODAY), HouseRules.usual(Figures.shipped()));

  private static List<Job> jobs(CoverPlan plan) {
    FieldFacts land = new FieldFacts(Area.ofAcres(64), SoilTexture.CLAY, true, false);
    CropPlanting beans = CropPlanting.soybeans(LocalDate.of(2026, 5, 12), 3.0);
    NextCrop next = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12));
    return FieldJobs.of(
        "k",
        "Field",
        COMPOSER.compose(new FieldCase(land, beans, Optional.ofNullable(plan), next)),
        Figures.shipped());
  }

  @ParameterizedTest
  @CsvSource({
    "DRILL,EARLY_SPRAY,DRILL,k:spray",
    "DRONE,ROLL,DRONE,k:roll",
    "AIRPLANE,PLANT_GREEN,AIRPLANE,k:plant",
  })
  void aCoverAsksForItsSeedingAndItsEnd(WayIn way, Route route, MachineKind machine, String end) {
    List<Job> jobs = jobs(CoverPlan.of(RYE, Goal.KEEP_NITROGEN, way, route));
    assertThat(jobs.get(0).id()).isEqualTo("k:seed");
    assertThat(jobs.get(0).kind()).isEqualTo(machine);
    assertThat(jobs.get(0).livingCover()).isFalse();
    assertThat(jobs.get(1).id()).isEqualTo(end);
    assertThat(jobs.get(1).livingCover()).as("the cover stands when it is ended").isTrue();
    assertThat(jobs).allSatisfy(j -> assertThat(j.area()).isEqualTo(Area.ofAcres(64)));
  }

  @Test
  void plantingGreenIsPlantingAndSpraying() {
    assertThat(jobs(CoverPlan.of(RYE, Goal.HOLD_SOIL, WayIn.DRILL, Route.PLANT_GREEN)))
        .extracting(Job::kind)
        .containsExactly(MachineKind.DRILL, MachineKind.PLANTER, MachineKind.SPRAYER);
  }

  @Test
  void whatIsDoneIsNoJobAnyMore() {
    CoverPlan plan =
        CoverPlan.of(RYE, Goal.HOLD_SOIL, WayIn.DRILL, Route.ROLL).sown(LocalDate.of(2026, 7, 30));
    assertThat(jobs(plan)).extracting(Job::id).containsExactly("k:roll");
    CoverPlan ended = plan.ended(LocalDate.of(2026, 7, 31));
    assertThat(jobs(ended)).isEmpty();
    assertThat(jobs(null)).isEmpty();
  }

  @Test
  void discPassesComeBeforeTheSowingWithDaysBetween() {
    CoverPlan plan =
        CoverPlan.of(RYE, Goal.HOLD_SOIL, WayIn.DISC_PASSES, Route.EARLY_SPRAY)
            .with(new SideWork(3, false, false, Map.of()));
    List<Job> jobs = jobs(plan);
    assertThat(jobs).extracting(Job::id).containsExactly("k:disc1", "k:disc2", "k:seed", "k:spray");
    assertThat(jobs.get(0).after()).isEmpty();
    assertThat(jobs.get(1).after().orElseThrow().jobId()).isEqualTo("k:disc1");
    After last = jobs.get(2).after().orElseThrow();
    assertThat(last.jobId()).isEqualTo("k:disc2");
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
        CoverPlan.of(RYE, Goal.HOLD_SOIL, WayIn.DISC_PASSES, Route.EARLY_SPRAY)
            .with(new SideWork(2, false, false, Map.of(SideWork.disc(1), done)));
    List<Job> jobs = jobs(plan);
    assertThat(jobs).extracting(Job::id).containsExactly("k:seed", "k:spray");
    assertThat(jobs.get(0).after().orElseThrow().done()).contains(done);
  }

  @Test
  void slurryGoesOverTheSeedUntilItIsSpread() {
    SideWork slurry = new SideWork(2, true, false, Map.of());
    CoverPlan plan = CoverPlan.of(RYE, Goal.HOLD_SOIL, WayIn.DRILL, Route.EARLY_SPRAY).with(slurry);
    assertThat(jobs(plan)).extracting(Job::id).containsExactly("k:seed", "k:slurry", "k:spray");
    LocalDate sown = LocalDate.of(2026, 7, 30);
    Job after = jobs(plan.sown(sown)).get(0);
    assertThat(after.kind()).isEqualTo(MachineKind.SLURRY);
    assertThat(after.after().orElseThrow().done()).contains(sown);
    assertThat(after.window().end()).isEqualTo(sown.plusDays(21));
    SideWork spread = new SideWork(2, true, false, Map.of(SideWork.SLURRY, TODAY));
    assertThat(jobs(plan.sown(sown).with(spread))).extracting(Job::id).containsExactly("k:spray");
  }

  @ParameterizedTest
  @CsvSource({
    "k:disc2,DISC,false",
    "k:seed,SEED,false",
    "k:slurry,SLURRY,false",
    "k:roll,ROLL,true"
  })
  void aJobsNameTellsItsStep(String id, Step step, boolean ends) {
    assertThat(Step.of(id)).isEqualTo(step);
    assertThat(step.ends()).isEqualTo(ends);
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
    assertThat(jobs(CoverPlan.of(OATS, Goal.HOLD_SOIL, WayIn.DRONE, Route.WINTER_KILL)))
        .extracting(Job::id)
        .containsExactly("k:seed");
    assertThat(jobs(CoverPlan.of(RYE, Goal.HOLD_SOIL, WayIn.INTERSEEDER, Route.ROLL))).isEmpty();
    assertThat(jobs(CoverPlan.of(OATS, Goal.HOLD_SOIL, WayIn.DRONE, Route.ROLL)))
        .extracting(Job::id)
        .containsExactly("k:seed");
  }
}
