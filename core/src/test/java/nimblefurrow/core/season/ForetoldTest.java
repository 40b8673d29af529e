package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;

/** What was told is set against what came, at the very marks that were told. */
class ForetoldTest {
  private static final LocalDate ON = LocalDate.of(2026, 8, 1);
  private static final FieldSeason THEN =
      new SeasonComposer(TestWeather.outlook(ON), HouseRules.usual(Figures.shipped()))
          .compose(
              new FieldCase(
                  new FieldFacts(Area.ofAcres(80), SoilTexture.LOAM, false, false),
                  CropPlanting.corn(LocalDate.of(2026, 5, 1), 108, 20),
                  Optional.of(
                      CoverPlan.of(
                              Mix.of(Catalogue.shipped().species("cereal-rye")),
                              Goal.HOLD_SOIL,
                              SeedingMethod.DRILL,
                              TerminationMethod.EARLY_SPRAY)
                          .planned(LocalDate.of(2026, 10, 1))),
                  new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12))));

  @Test
  void aHarvestHoldsFromTheEarlyMarkToTheLate() {
    LocalDate early = THEN.crop().when(CropStage.HARVEST).early().orElseThrow();
    LocalDate late = THEN.crop().when(CropStage.HARVEST).late().orElseThrow();
    assertThat(late).isAfter(early);
    assertThat(harvested(early).held()).isTrue();
    assertThat(harvested(late).held()).isTrue();
    assertThat(harvested(early.minusDays(1)).held()).isFalse();
    assertThat(harvested(late.plusDays(1)).held()).isFalse();
    assertThat(harvested(late).what().day()).isTrue();
    assertThat(Foretold.day(Foretold.What.CROP_STAGE, THEN, CropStage.LEAF_DROP, ON, late))
        .as("corn drops no leaves")
        .isEmpty();
  }

  private static Foretold harvested(LocalDate came) {
    return Foretold.day(Foretold.What.HARVEST, THEN, CropStage.HARVEST, ON, came).orElseThrow();
  }

  @Test
  void aMatHoldsBetweenItsWeights() {
    LocalDate may = LocalDate.of(2027, 5, 1);
    Spread told = THEN.mat().orElseThrow().on(may);
    assertThat(mat(may, told.middle()).held()).isTrue();
    assertThat(mat(may, 0.9 * told.low()).held()).isFalse();
    assertThat(mat(may, 1.1 * told.high()).held()).isFalse();
  }

  private static Foretold mat(LocalDate day, double pounds) {
    return Foretold.mat(THEN, ON, day, DryMatter.poundsPerAcre(pounds)).orElseThrow();
  }
}
