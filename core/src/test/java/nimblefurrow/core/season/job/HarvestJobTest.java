package nimblefurrow.core.season.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.FieldSeason;
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
import org.junit.jupiter.params.provider.EnumSource;

/** The harvest before a cover, as a job of the combine. */
class HarvestJobTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 8, 1);
  private static final Figures FIGURES = Figures.shipped();
  private static final UUID CROP = UUID.randomUUID();
  private static final UUID COVER = UUID.randomUUID();
  private static final CropPlanting BEANS = CropPlanting.soybeans(LocalDate.of(2026, 5, 12), 3.0);

  private static FieldSeason season(CropPlanting crop, SeedingMethod way, SideWork side) {
    CoverPlan plan =
        CoverPlan.of(
                Mix.of(Catalogue.shipped().species("cereal-rye")),
                Goal.HOLD_SOIL,
                way,
                TerminationMethod.EARLY_SPRAY)
            .with(side);
    return composed(crop, plan);
  }

  private static FieldSeason composed(CropPlanting crop, CoverPlan plan) {
    return new SeasonComposer(TestWeather.outlook(TODAY), HouseRules.usual(FIGURES))
        .compose(
            new FieldCase(
                new FieldFacts(Area.ofAcres(64), SoilTexture.CLAY, true, false),
                crop,
                Optional.of(plan),
                new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12))));
  }

  private static Optional<Job> harvest(FieldSeason season) {
    return HarvestJob.of(CROP, "Field", Area.ofAcres(80), season, FIGURES);
  }

  @Test
  void itOpensWhenTheCropIsRipeAndLastsAsTheFiguresSay() {
    FieldSeason season = season(BEANS, SeedingMethod.DRILL, SideWork.USUAL);
    Job job = harvest(season).orElseThrow();
    assertThat(job.id()).isEqualTo(new JobId(CROP, Operation.HARVEST));
    assertThat(job.kind()).isEqualTo(MachineKind.COMBINE);
    assertThat(job.area()).as("zones with covers of their own too").isEqualTo(Area.ofAcres(80));
    LocalDate ripe = season.crop().when(CropStage.HARVEST).median().orElseThrow();
    assertThat(job.window().opens().median()).contains(ripe);
    assertThat(job.window().closes().median()).contains(ripe.plusDays(45));
    assertThat(job.value().lost().value()).isEqualTo(120);
    assertThat(job.value().dollarsOn(ripe.plusDays(10))).isZero();
    assertThat(job.value().dollarsOn(job.window().end()))
        .as("half of it is lost by the last day")
        .isEqualTo(60);
  }

  @Test
  void silageIsChoppedWithinFewerDays() {
    CropPlanting silage =
        new CropPlanting(
            CropKind.CORN_SILAGE, LocalDate.of(2026, 5, 4), 106, 20, Map.of(), List.of());
    FieldSeason season = season(silage, SeedingMethod.DRILL, SideWork.USUAL);
    Job job = harvest(season).orElseThrow();
    assertThat(job.kind()).isEqualTo(MachineKind.CHOPPER);
    LocalDate ripe = season.crop().when(CropStage.HARVEST).median().orElseThrow();
    assertThat(job.window().opens().median()).contains(ripe);
    assertThat(job.window().closes().median()).contains(ripe.plusDays(14));
    assertThat(ripe).isBefore(LocalDate.of(2026, 9, 30));
    List<Job> jobs = HarvestJob.before(CROP, season, FieldJobs.of(COVER, "Field", season, FIGURES));
    assertThat(jobs.stream().filter(j -> waits(j)).map(j -> j.id().operation()))
        .containsExactly(Operation.SEED);
  }

  @Test
  void whatIsSownAfterwardsWaitsForItOnceOnly() {
    FieldSeason drilled = season(BEANS, SeedingMethod.DRILL, SideWork.USUAL);
    List<Job> jobs =
        HarvestJob.before(CROP, drilled, FieldJobs.of(COVER, "Field", drilled, FIGURES));
    assertThat(jobs.get(0).after())
        .extracting(After::jobId)
        .containsExactly(new JobId(CROP, Operation.HARVEST));
    assertThat(jobs.get(1).id().operation()).isEqualTo(Operation.SPRAY);
    assertThat(jobs.get(1).after()).isEmpty();
    FieldSeason disced =
        season(BEANS, SeedingMethod.DISC_PASSES, new SideWork(3, false, false, Map.of()));
    List<Job> passes =
        HarvestJob.before(CROP, disced, FieldJobs.of(COVER, "Field", disced, FIGURES));
    assertThat(passes.stream().filter(j -> waits(j)).map(j -> j.id().operation()))
        .as("the later passes wait for the first")
        .containsExactly(Operation.FIRST_DISC);
  }

  private static boolean waits(Job job) {
    return job.after().stream().anyMatch(a -> a.jobId().operation() == Operation.HARVEST);
  }

  @Test
  void whatGoesOverTheStandingCropDoesNotWait() {
    FieldSeason flown = season(BEANS, SeedingMethod.AIRPLANE, SideWork.USUAL);
    List<Job> jobs = HarvestJob.before(CROP, flown, FieldJobs.of(COVER, "Field", flown, FIGURES));
    assertThat(jobs).isNotEmpty().noneMatch(HarvestJobTest::waits);
    assertThat(harvest(flown)).isPresent();
  }

  @ParameterizedTest
  @EnumSource(
      value = SeedingMethod.class,
      names = {"COMBINE_SEEDER", "HARVEST_SPREADER"})
  void sownFromTheCombineTheSowingIsTheHarvest(SeedingMethod way) {
    assertThat(harvest(season(BEANS, way, SideWork.USUAL))).isEmpty();
  }

  @Test
  void groundThatIsDrilledAlreadyHasNoCropOnIt() {
    CoverPlan drilled =
        season(BEANS, SeedingMethod.DRILL, SideWork.USUAL)
            .field()
            .cover()
            .orElseThrow()
            .sown(TODAY);
    CoverPlan flown =
        season(BEANS, SeedingMethod.AIRPLANE, SideWork.USUAL)
            .field()
            .cover()
            .orElseThrow()
            .sown(TODAY);
    assertThat(harvest(composed(BEANS, drilled))).isEmpty();
    assertThat(harvest(composed(BEANS, flown))).as("flown over the crop it stands").isPresent();
  }

  @Test
  void nobodyKnowsWhatBringsInAnotherCrop() {
    assertThat(HarvestJob.machine(CropKind.OTHER)).isEmpty();
    assertThat(HarvestJob.machine(CropKind.FREE_GROUND)).isEmpty();
    assertThat(HarvestJob.machine(CropKind.WINTER_WHEAT)).contains(MachineKind.COMBINE);
  }
}
