package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.season.Standing.Kind;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;

/** What is seen at a field through the year. */
class StandingTest {
  private static final Figures FIGURES = Figures.shipped();
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 1);
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 8);
  private static final LocalDate NEXT = LocalDate.of(2027, 5, 20);
  private static final FieldSeason FLOWN =
      season(
          CoverPlan.of(
                  Mix.of(Catalogue.shipped().species("cereal-rye")),
                  Goal.HOLD_SOIL,
                  SeedingMethod.AIRPLANE,
                  TerminationMethod.EARLY_SPRAY)
              .sown(SOWN));

  private static FieldSeason season(CoverPlan plan) {
    return new SeasonComposer(TestWeather.outlook(TODAY), HouseRules.usual(FIGURES))
        .compose(
            new FieldCase(
                new FieldFacts(Area.ofAcres(80), SoilTexture.SILT_LOAM, false, false),
                CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5),
                Optional.ofNullable(plan),
                new NextCrop(CropKind.CORN_GRAIN, NEXT)));
  }

  private static Standing on(FieldSeason season, LocalDate day) {
    return Standing.of(List.of(season), day, FIGURES);
  }

  @Test
  void aCropStandsUntilHalfOfTheYearsHaveHarvestedIt() {
    LocalDate harvest = FLOWN.crop().when(CropStage.HARVEST).median().orElseThrow();
    assertThat(on(FLOWN, LocalDate.of(2026, 5, 9)).kind()).isEqualTo(Kind.BARE);
    assertThat(on(FLOWN, LocalDate.of(2026, 5, 10)).crop()).contains(CropKind.SOYBEANS);
    assertThat(on(FLOWN, harvest.minusDays(1)).kind()).isEqualTo(Kind.CROP);
    assertThat(on(FLOWN, harvest).kind()).isEqualTo(Kind.COVER);
    assertThat(on(FLOWN, NEXT).crop()).contains(CropKind.CORN_GRAIN);
    assertThat(on(FLOWN, NEXT.minusDays(1)).crop()).isEmpty();
  }

  @Test
  void aCoverFlownIntoACropIsToldWithIt() {
    LocalDate both = LocalDate.of(2026, 9, 12);
    assertThat(FLOWN.crop().when(CropStage.HARVEST).median().orElseThrow()).isAfter(both);
    assertThat(on(FLOWN, both).kind()).isEqualTo(Kind.CROP);
    assertThat(on(FLOWN, both).cover()).contains("cereal rye");
    assertThat(on(FLOWN, SOWN.minusDays(1)).cover()).isEmpty();
  }

  @Test
  void whatIsPlannedDoesNotStand() {
    FieldSeason planned =
        season(
            CoverPlan.of(
                Mix.of(Catalogue.shipped().species("cereal-rye")),
                Goal.HOLD_SOIL,
                SeedingMethod.DRILL,
                TerminationMethod.EARLY_SPRAY));
    Standing spring = on(planned, LocalDate.of(2027, 4, 1));
    assertThat(spring).isEqualTo(on(season(null), LocalDate.of(2027, 4, 1)));
    assertThat(spring.kind()).isEqualTo(Kind.BARE);
  }

  @Test
  void aKilledCoverLiesDeadWhileItIsSeen() {
    RidgePoint dead = FLOWN.ridge().stream().filter(p -> !p.alive()).findFirst().orElseThrow();
    Standing after = on(FLOWN, dead.date());
    assertThat(dead.date()).isBefore(NEXT);
    assertThat(after.kind()).isEqualTo(Kind.DEAD_COVER);
    assertThat(after.pounds()).contains(dead.pounds());
    double seen = dead.pounds().middle();
    Figures thick =
        FIGURES.with(Map.of(new FigureId("season", "standing_seen", "value"), Math.ceil(seen) + 1));
    assertThat(Standing.of(List.of(FLOWN), dead.date(), thick).kind()).isEqualTo(Kind.BARE);
  }
}
