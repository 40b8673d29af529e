package nimblefurrow.core.season.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobDays;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldDay;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.Headline;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.season.SheetSpan;
import nimblefurrow.core.season.call.Upcoming;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;

/** With which days the sheet opens, what comes next, one day of a field, and its one sentence. */
class SheetTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 10);
  private static final Figures FIGURES = Figures.shipped();
  private static final Mix RYE = Mix.of(Catalogue.shipped().species("cereal-rye"));
  private static final CoverPlan ROLLED =
      CoverPlan.of(RYE, Goal.SMOTHER_WEEDS, SeedingMethod.DRILL, TerminationMethod.ROLL);

  private static FieldSeason season(CoverPlan plan, LocalDate today) {
    return new SeasonComposer(TestWeather.outlook(today), HouseRules.usual(FIGURES))
        .compose(
            new FieldCase(
                new FieldFacts(Area.ofAcres(80), SoilTexture.SILT_LOAM, false, false),
                CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5),
                Optional.ofNullable(plan),
                new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 20))));
  }

  private static String said(CoverPlan plan, LocalDate today) {
    List<String> parts = new ArrayList<>();
    Headline.of(season(plan, today), TestWeather.outlook(today), Optional.empty())
        .forEach(part -> parts.add(part.in(UnitSystem.US)));
    return String.join("; ", parts);
  }

  @Test
  void theSheetOpensWithFourToSevenMonths() {
    SheetSpan bare = SheetSpan.of(TODAY, List.of(), FIGURES);
    assertThat(bare.from()).isEqualTo(TODAY.minusDays(18));
    assertThat(ChronoUnit.DAYS.between(bare.from(), bare.to())).isEqualTo(122);
    List<LocalDate> nine = new ArrayList<>();
    for (int i = 1; i <= 9; i++) {
      nine.add(TODAY.plusDays(10L * i + 50));
    }
    nine.add(TODAY.plusDays(400));
    assertThat(SheetSpan.of(TODAY, nine, FIGURES).to())
        .as("nine of ten are seen")
        .isEqualTo(TODAY.plusDays(140 + 21));
    nine.replaceAll(day -> day.plusDays(200));
    assertThat(ChronoUnit.DAYS.between(TODAY, SheetSpan.of(TODAY, nine, FIGURES).to()))
        .isEqualTo(213 - 18);
    assertThat(SheetSpan.of(TODAY, List.of(TODAY.minusDays(40)), FIGURES)).isEqualTo(bare);
    assertThat(SheetSpan.around(TODAY, TODAY.plusDays(250), FIGURES).to())
        .isEqualTo(TODAY.plusDays(271));
    assertThat(SheetSpan.around(TODAY, TODAY.plusDays(400), FIGURES).to())
        .isEqualTo(TODAY.plusDays(310));
  }

  @Test
  void whatComesNextStandsOnItsDayOrOpensThen() {
    FieldSeason season = season(ROLLED, TODAY);
    UUID cover = UUID.randomUUID();
    List<Job> jobs = FieldJobs.of(cover, "Orchard", season, FIGURES);
    List<Upcoming> all = Upcoming.of(jobs, Map.of(), TODAY, FIGURES);
    assertThat(all)
        .extracting(one -> one.job().id().operation())
        .containsExactly(Operation.SEED, Operation.ROLL);
    assertThat(all.get(0).day()).isBefore(all.get(1).day()).isAfter(TODAY);
    LocalDate given = TODAY.plusDays(3);
    assertThat(Upcoming.of(jobs, Map.of(new JobId(cover, Operation.ROLL), given), TODAY, FIGURES))
        .first()
        .satisfies(
            one -> {
              assertThat(one.placed()).isTrue();
              assertThat(one.day()).isEqualTo(given);
            });
    assertThat(Upcoming.of(jobs, Map.of(new JobId(cover, Operation.SEED), TODAY), TODAY, FIGURES))
        .as("what is due today is a call's")
        .extracting(one -> one.job().id().operation())
        .containsExactly(Operation.ROLL);
    assertThat(Upcoming.of(jobs, Map.of(), LocalDate.of(2027, 6, 30), FIGURES)).isEmpty();
    List<Job> many = new ArrayList<>(jobs);
    many.addAll(jobs);
    many.addAll(jobs);
    assertThat(Upcoming.of(many, Map.of(), TODAY, FIGURES)).as("three are told").hasSize(3);
  }

  @Test
  void aDayTellsStemsMatSoilAndChances() {
    LocalDate today = LocalDate.of(2027, 4, 20);
    Outlook outlook = TestWeather.outlook(today);
    FieldSeason season = season(ROLLED.sown(LocalDate.of(2026, 9, 25)), today);
    FitDays fit = new FitDays(outlook);
    List<Job> jobs = FieldJobs.of(UUID.randomUUID(), "Orchard", season, FIGURES);
    StageForecast stems =
        new StageForecast(RYE.members().get(0).species(), season.stand().orElseThrow(), outlook);
    LocalDate aim = season.termination().orElseThrow().aim().orElseThrow();
    FieldDay at = FieldDay.of(season, jobs, aim.minusDays(1), outlook, fit);
    CoverStage stage = at.stages().get(0).stage();
    assertThat(at.stages().get(0).stems().fraction())
        .isCloseTo(stems.sharesOn(aim.minusDays(1)).get(stage), within(1e-9))
        .isGreaterThanOrEqualTo(0.05);
    stems
        .sharesOn(aim.minusDays(1))
        .forEach(
            (other, share) -> {
              if (other.compareTo(stage) > 0) {
                assertThat(share).as("no later stage is told").isLessThan(0.05);
              }
            });
    assertThat(at.mat())
        .contains(new MatForecast(season.stand().orElseThrow(), outlook).on(aim.minusDays(1)));
    assertThat(at.topsoil().low()).isBetween(0.1, at.topsoil().high());
    assertThat(at.jobs()).hasSize(1);
    assertThat(at.jobs().get(0).open().fraction())
        .isCloseTo(new JobDays(fit).chanceOpen(jobs.get(0), aim.minusDays(1)), within(1e-12));
    FieldDay winter = FieldDay.of(season, jobs, LocalDate.of(2026, 12, 20), outlook, fit);
    assertThat(winter.stages()).isEmpty();
    assertThat(winter.mat()).isPresent();
    assertThat(winter.jobs()).as("no window is open").isEmpty();
    FieldDay before = FieldDay.of(season, jobs, LocalDate.of(2026, 9, 1), outlook, fit);
    assertThat(before.mat()).isEmpty();
    FieldDay dead = FieldDay.of(season, jobs, aim.plusDays(40), outlook, fit);
    assertThat(dead.mat()).as("it has been ended").isEmpty();
    assertThat(dead.stages()).isEmpty();
  }

  @Test
  void theSentenceSaysWhatGoesInWhatEndsItAndWhatThatLeaves() {
    assertThat(said(null, TODAY))
        .matches("No cover is chosen; the ground comes free about \\d+ \\w+");
    assertThat(said(ROLLED, TODAY))
        .matches(
            "drill cereal rye \\d+ Sep to \\d+ Oct; roll \\d+ May to \\d+ \\w+;"
                + " \\d+ % that the mat reaches 7,000 lb/ac");
    CoverPlan sprayed =
        CoverPlan.of(RYE, Goal.KEEP_NITROGEN, SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY);
    assertThat(said(sprayed.sown(LocalDate.of(2026, 9, 25)), LocalDate.of(2026, 11, 1)))
        .matches(
            "cereal rye was sown 25 Sep; spray \\d+ \\w+ to \\d+ \\w+;"
                + " it leaves about [\\d,]+ lb/ac, [\\d,]+ lb/ac to [\\d,]+ lb/ac");
    assertThat(said(sprayed, LocalDate.of(2026, 12, 20))).startsWith("drill cereal rye: ");
    assertThat(
            Headline.of(
                    season(ROLLED, TODAY),
                    TestWeather.outlook(TODAY),
                    Optional.of(SeedRate.poundsPerAcre(120)))
                .get(1)
                .in(UnitSystem.US))
        .isEqualTo("120.0 lb/ac bulk");
  }

  @Test
  void everyWayHasItsWords() {
    int told = 0;
    for (SeedingMethod way : SeedingMethod.values()) {
      CoverPlan plan = CoverPlan.of(RYE, Goal.KEEP_NITROGEN, way, TerminationMethod.EARLY_SPRAY);
      assertThat(said(plan, TODAY)).doesNotContain("%s").isNotBlank();
      told++;
    }
    assertThat(told).isEqualTo(SeedingMethod.values().length);
  }
}
