package nimblefurrow.core.termination.worth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A field's ways of ending set against each other, day by day. */
class TradeOffTest {
  private static final Figures F = Figures.shipped();
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2027, 4, 12));
  private static final FitDays FIT = new FitDays(OUTLOOK);

  private static TradeOff of(
      CropKind crop, boolean organic, WeedLoad weeds, double grain, LocalDate sown) {
    MatForecast mat = new MatForecast(CoverStand.sown(Mix.of(RYE), sown), OUTLOOK);
    WorthCase at =
        WorthCase.of(
            crop,
            LocalDate.of(2027, 5, crop.corn() ? 5 : 10),
            organic,
            Weeds.USUAL.with(weeds),
            grain,
            1,
            false,
            OUTLOOK.site(),
            F);
    return new TradeOffs(
            mat,
            at,
            FIT,
            new Footing(SoilTexture.SILT_LOAM, false, true),
            Footing.bare(SoilTexture.SILT_LOAM))
        .work(true);
  }

  private static TradeOff beans() {
    return of(CropKind.SOYBEANS, false, WeedLoad.USUAL, 1, LocalDate.of(2026, 10, 1));
  }

  private static double best(TradeOff all, ComparedMethod way) {
    return way(all, way).best().mean();
  }

  private static TradeOff.OneWay way(TradeOff all, ComparedMethod way) {
    return all.ways().stream().filter(w -> w.way() == way).findFirst().orElseThrow();
  }

  @Test
  void partsAddUpAndRangesHoldTheirMiddle() {
    TradeOff all = beans();
    assertThat(all.ways())
        .extracting(TradeOff.OneWay::way)
        .containsExactly(ComparedMethod.values());
    int days = 0;
    for (TradeOff.OneWay way : all.ways()) {
      for (TradeOff.OneDay day : way.days()) {
        assertThat(day.parts().net()).isCloseTo(day.mean(), within(1e-9));
        assertThat(day.range().low()).isLessThanOrEqualTo(day.range().middle());
        assertThat(day.range().middle()).isLessThanOrEqualTo(day.range().high());
        assertThat(day.kill()).isBetween(0.0, 1.0);
        assertThat(day.mean()).isLessThanOrEqualTo(way.best().mean());
        days++;
      }
    }
    assertThat(days).isGreaterThan(100);
  }

  @Test
  void beansGainByTheGreenAndLoseByTheEarlySpray() {
    TradeOff all = beans();
    assertThat(best(all, ComparedMethod.GREEN)).isGreaterThan(best(all, ComparedMethod.SPRAYED));
    assertThat(best(all, ComparedMethod.SPRAYED)).isNegative();
    assertThat(all.against()).hasSize(all.ways().size() - 1);
    for (TradeOff.Beats beats : all.against()) {
      assertThat(beats.chance()).isBetween(0.0, 1.0);
      assertThat(beats.regret()).isPositive();
    }
  }

  @Test
  void cornIsWorseOffWithLiveGrassThanBeansAre() {
    TradeOff corn = of(CropKind.CORN_GRAIN, false, WeedLoad.USUAL, 1, LocalDate.of(2026, 10, 1));
    assertThat(best(corn, ComparedMethod.GREEN)).isLessThan(best(beans(), ComparedMethod.GREEN));
    assertThat(corn.ways().get(0).best().parts().nitrogen()).isNotZero();
  }

  @Test
  void organicGroundNeverGetsHerbicide() {
    TradeOff organic = of(CropKind.SOYBEANS, true, WeedLoad.USUAL, 1, LocalDate.of(2026, 9, 20));
    assertThat(organic.ways())
        .extracting(TradeOff.OneWay::way)
        .noneMatch(ComparedMethod::herbicide);
    assertThat(organic.avoid()).isEmpty();
    assertThat(best(organic, ComparedMethod.ROLLED_AFTER))
        .isGreaterThan(best(organic, ComparedMethod.TILLED));
  }

  @Test
  void moreWeedsNeverMakeAMatWorthLess() {
    TradeOff few = of(CropKind.SOYBEANS, false, WeedLoad.LIGHT, 1, LocalDate.of(2026, 10, 1));
    TradeOff many = of(CropKind.SOYBEANS, false, WeedLoad.HEAVY, 1, LocalDate.of(2026, 10, 1));
    for (ComparedMethod way : ComparedMethod.values()) {
      assertThat(best(many, way)).isGreaterThanOrEqualTo(best(few, way));
    }
  }

  @ParameterizedTest
  @CsvSource({"SPRAYED, SPRAYED_TWICE, -23", "ROLLED, ROLLED_TWICE, -10"})
  void aSecondPassKillsMoreOfWhatIsLeftAndCostsItsPrice(
      ComparedMethod once, ComparedMethod twice, double price) {
    TradeOff all = of(CropKind.CORN_GRAIN, false, WeedLoad.USUAL, 1, LocalDate.of(2026, 10, 1));
    int days = 0;
    for (TradeOff.OneDay again : way(all, twice).days()) {
      for (TradeOff.OneDay first : way(all, once).days()) {
        if (first.on().equals(again.on())) {
          assertThat(again.kill()).isGreaterThan(first.kill());
          assertThat(again.parts().passes() - first.parts().passes())
              .as("a second burndown may have been due anyway")
              .isBetween(price - 1e-9, 0.0);
          days++;
        }
      }
    }
    assertThat(days).isGreaterThan(5);
  }

  /** Seed costs 10 $/ac where all of it is viable and all plants live: what is dead sheds none. */
  @Test
  void seedIsChargedAsFarAsThePlantsLive() {
    int charged = 0;
    for (TradeOff.OneWay way : beans().ways()) {
      for (TradeOff.OneDay day : way.days()) {
        double most = 10 * (1 - day.kill()) * 1.15;
        assertThat(Math.abs(day.parts().seed()))
            .as("%s %s", way.way(), day.on())
            .isBetween(0.0, most);
        charged += day.parts().seed() < -.05 ? 1 : 0;
      }
    }
    assertThat(charged).as("days on which some is viable").isPositive();
  }

  @Test
  void thinLateRyeIsRolledLastOfAll() {
    TradeOff thin = of(CropKind.SOYBEANS, false, WeedLoad.USUAL, 1, LocalDate.of(2026, 11, 8));
    assertThat(best(thin, ComparedMethod.GREEN)).isGreaterThan(best(thin, ComparedMethod.ROLLED));
  }

  @Test
  void theSameIsWorkedOutTwice() {
    assertThat(beans().best().orElseThrow().best().mean())
        .isEqualTo(beans().best().orElseThrow().best().mean());
  }
}
