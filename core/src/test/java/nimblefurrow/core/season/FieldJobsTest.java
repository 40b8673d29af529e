package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.quantity.Area;
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
  private static final Mix RYE = Mix.of(Catalogue.shipped().species("cereal-rye"));
  private static final Mix OATS = Mix.of(Catalogue.shipped().species("oats"));
  private static final SeasonComposer COMPOSER =
      new SeasonComposer(TestWeather.outlook(TODAY), HouseRules.USUAL);

  private static List<Job> jobs(CoverPlan plan) {
    FieldFacts land = new FieldFacts(Area.ofAcres(64), SoilTexture.CLAY, true, false);
    CropPlanting beans = CropPlanting.soybeans(LocalDate.of(2026, 5, 12), 3.0);
    NextCrop next = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12));
    return FieldJobs.of(
        "k",
        "Field",
        COMPOSER.compose(new FieldCase(land, beans, Optional.ofNullable(plan), next)));
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
    CoverPlan ended =
        new CoverPlan(
            RYE,
            plan.goal(),
            plan.way(),
            plan.route(),
            null,
            plan.seeded(),
            LocalDate.of(2026, 7, 31),
            plan.stageShift(),
            plan.scale());
    assertThat(jobs(ended)).isEmpty();
    assertThat(jobs(null)).isEmpty();
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
