package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class EveryWindowTest {
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 1, 10));

  private static Species species(String id) {
    return Catalogue.shipped().species(id);
  }

  private static SeedingWindow window(
      CropKind kind, LocalDate planted, SeedingMethod way, String id) {
    CropCalendar crop =
        CropCalendar.of(
            new CropPlanting(
                kind, planted, kind == CropKind.SOYBEANS ? 2.5 : 104, 20, Map.of(), List.of()),
            OUTLOOK);
    return new WindowRules(
            crop, Mix.of(species(id)), false, HouseRules.usual(Figures.shipped()), OUTLOOK)
        .window(way);
  }

  @Test
  void cloverIsFrostSeededTenToFourWeeksBeforeJointing() {
    LocalDate planted = LocalDate.of(2026, 1, 1);
    CropCalendar wheat =
        CropCalendar.of(
            new CropPlanting(
                CropKind.WINTER_WHEAT, planted.minusDays(90), 0, 0, Map.of(), List.of()),
            OUTLOOK);
    LocalDate jointing = wheat.when(CropStage.JOINTING).median().orElseThrow();
    SeedingWindow window =
        window(
            CropKind.WINTER_WHEAT,
            planted.minusDays(90),
            SeedingMethod.FROST_SEEDING,
            "red-clover");
    assertThat(window.opens().median().orElseThrow()).isEqualTo(jointing.minusWeeks(10));
    assertThat(window.closes().median().orElseThrow()).isEqualTo(jointing.minusWeeks(4));
    assertThat(window.bestFrom().median().orElseThrow())
        .isBetween(jointing.minusWeeks(10), jointing.minusWeeks(4));
    assertThat(
            window(
                    CropKind.WINTER_WHEAT,
                    planted.minusDays(90),
                    SeedingMethod.FROST_SEEDING,
                    "cereal-rye")
                .impossible()
                .orElseThrow()
                .text())
        .contains("clovers are");
    assertThat(
            window(
                    CropKind.SOYBEANS,
                    LocalDate.of(2026, 5, 10),
                    SeedingMethod.FROST_SEEDING,
                    "red-clover")
                .impossible())
        .isPresent();
  }

  @ParameterizedTest
  @CsvSource({"COMBINE_SEEDER", "HARVEST_SPREADER"})
  void atHarvestMeansTheDayOrTheNext(SeedingMethod way) {
    SeedingWindow window = window(CropKind.SOYBEANS, LocalDate.of(2026, 5, 10), way, "cereal-rye");
    LocalDate opens = window.opens().median().orElseThrow();
    assertThat(ChronoUnit.DAYS.between(opens, window.closes().median().orElseThrow()))
        .isLessThanOrEqualTo(1);
  }

  @Test
  void brassicasGoOverCornAtDentForFallGrowth() {
    LocalDate planted = LocalDate.of(2026, 5, 1);
    LocalDate radish =
        window(CropKind.CORN_GRAIN, planted, SeedingMethod.DRONE, "radish")
            .opens()
            .median()
            .orElseThrow();
    LocalDate rye =
        window(CropKind.CORN_GRAIN, planted, SeedingMethod.DRONE, "cereal-rye")
            .opens()
            .median()
            .orElseThrow();
    assertThat(radish).isBefore(rye);
  }

  @Test
  void anyOtherCropGoesByItsOwnDates() {
    Map<CropStage, LocalDate> dates =
        Map.of(
            CropStage.HARVEST, LocalDate.of(2026, 9, 20),
            CropStage.CANOPY_OPEN, LocalDate.of(2026, 8, 20));
    CropPlanting beets =
        new CropPlanting(CropKind.OTHER, LocalDate.of(2026, 4, 20), 0, 20, dates, List.of());
    CropCalendar crop = CropCalendar.of(beets, OUTLOOK);
    SeedingWindow window =
        new WindowRules(
                crop,
                Mix.of(species("cereal-rye")),
                false,
                HouseRules.usual(Figures.shipped()),
                OUTLOOK)
            .window(SeedingMethod.DRONE);
    assertThat(window.opens().median()).contains(LocalDate.of(2026, 8, 20));
    assertThat(window.closes().median()).contains(LocalDate.of(2026, 9, 13));
    CropPlanting plain =
        new CropPlanting(
            CropKind.OTHER,
            LocalDate.of(2026, 4, 20),
            0,
            20,
            Map.of(CropStage.HARVEST, LocalDate.of(2026, 9, 20)),
            List.of());
    SeedingWindow none =
        new WindowRules(
                CropCalendar.of(plain, OUTLOOK),
                Mix.of(species("cereal-rye")),
                false,
                HouseRules.usual(Figures.shipped()),
                OUTLOOK)
            .window(SeedingMethod.DRONE);
    assertThat(none.remedy().orElseThrow().text()).contains("canopy opens");
  }

  @ParameterizedTest
  @EnumSource(SeedingMethod.class)
  void everyWindowIsOpenOrSaysWhyNot(SeedingMethod way) {
    for (CropKind kind :
        List.of(CropKind.CORN_GRAIN, CropKind.CORN_SILAGE, CropKind.SOYBEANS, CropKind.OATS)) {
      for (Species s : Catalogue.shipped().all()) {
        SeedingWindow window = window(kind, LocalDate.of(2026, 5, 1), way, s.id());
        if (window.impossible().isPresent()) {
          assertThat(window.remedy()).isPresent();
          assertThat(window.chanceFrom(OUTLOOK.today()).fraction()).isZero();
        } else {
          assertThat(window.chanceFrom(OUTLOOK.today()).fraction()).isBetween(0.0, 1.0);
          assertThat(window.opens().members()).isEqualTo(OUTLOOK.traces().size());
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"red-clover,0.3", "radish,0.6", "cereal-rye,0.6", "winter-pea,1.0", "sunflower,1.0"})
  void rainThatTheSeedSizeWants(String id, double inches) {
    assertThat(MoistureOutlook.wanted(species(id))).isEqualTo(inches);
  }

  @Test
  void drySeedIsLostByTheDay() {
    var dry = TestWeather.trace(LocalDate.of(2026, 6, 1), LocalDate.of(2026, 12, 1), d -> 75);
    var rain =
        TestWeather.trace(
            LocalDate.of(2026, 6, 1),
            LocalDate.of(2026, 12, 1),
            d -> 75,
            d ->
                d.equals(LocalDate.of(2026, 9, 6)) || d.equals(LocalDate.of(2026, 9, 8))
                    ? 0.35
                    : 0);
    LocalDate sown = LocalDate.of(2026, 9, 1);
    var water =
        nimblefurrow.core.weather.TopsoilWater.run(
            dry, TestWeather.SITE, SoilTexture.SAND, false, 0, 0, Figures.shipped());
    assertThat(MoistureOutlook.dryDays(dry, water, sown, 0.3, Figures.shipped())).isEqualTo(25);
    assertThat(MoistureOutlook.dryDays(rain, water, sown, 0.3, Figures.shipped())).isEqualTo(5);
    assertThat(MoistureOutlook.dryDays(rain, water, sown, 0.6, Figures.shipped())).isEqualTo(7);
    assertThat(MoistureOutlook.loss(5, Figures.shipped())).isEqualTo(Share.of(0.2));
    assertThat(MoistureOutlook.loss(40, Figures.shipped())).isEqualTo(Share.of(1));
  }

  @Test
  void smallSeedNeverHasTheWorseChance() {
    for (LocalDate day = LocalDate.of(2026, 8, 1);
        day.isBefore(LocalDate.of(2026, 10, 20));
        day = day.plusDays(10)) {
      MoistureOutlook small =
          MoistureOutlook.of(
              List.of(species("red-clover")), day, SoilTexture.SILT_LOAM, false, OUTLOOK);
      MoistureOutlook large =
          MoistureOutlook.of(
              List.of(species("winter-pea")), day, SoilTexture.SILT_LOAM, false, OUTLOOK);
      assertThat(small.chance().fraction()).isGreaterThanOrEqualTo(large.chance().fraction());
      assertThat(small.dryDaysBad()).isGreaterThanOrEqualTo(small.dryDaysMiddle());
    }
  }
}
