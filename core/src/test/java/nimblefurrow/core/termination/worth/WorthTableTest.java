package nimblefurrow.core.termination.worth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.termination.Feed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The worked table of ends, part by part, and the plants that a mat costs. */
class WorthTableTest {
  private static final Figures F = Figures.shipped();

  private static final double TALL_IN = 40;

  private static WorthCase at(String farm) {
    boolean corn = farm.equals("corn");
    boolean organic = farm.equals("organic");
    return new WorthCase(
        corn ? CropKind.CORN_GRAIN : CropKind.SOYBEANS,
        LocalDate.of(2027, 5, corn ? 5 : organic ? 15 : 10),
        corn ? 180 : organic ? 45 : 60,
        corn ? 4.40 : organic ? 20 : 10.50,
        organic,
        !organic,
        corn ? 30 : 0,
        organic,
        Weeds.USUAL,
        1,
        false,
        TestWeather.SITE);
  }

  /** Weeks are of 54 °F and more, a calendar week to each, as in the table. */
  private static TerminatedCover ended(
      ComparedMethod way,
      String killed,
      String planted,
      double mat,
      double then,
      double carbon,
      double k,
      double grass) {
    LocalDate dead = LocalDate.parse("2027-" + killed);
    LocalDate in = LocalDate.parse("2027-" + planted);
    double gap = in.toEpochDay() - dead.toEpochDay();
    double available = Nitrogen.of(DryMatter.poundsPerAcre(mat), carbon, F).availableLbAc();
    return new TerminatedCover(
        way,
        dead,
        in,
        mat,
        then,
        carbon,
        Math.max(0, gap / 7),
        (gap + 21) / 7,
        k,
        grass,
        available,
        false,
        8.5,
        0,
        0,
        0,
        TALL_IN,
        0,
        null);
  }

  @ParameterizedTest
  @CsvSource({
    "beans, SPRAYED, 04-20, 05-10, 2400, 0, 23, .97, 0, 4.9, -21.4, 0, 0, -.6, 0, 1.7, -15.4",
    "beans, GREEN, 05-10, 05-10, 4800, 4800, 37, .93, 0, 20.2, -6, -6.4, 0, -2.3, 0, 3.4, 8.9",
    "beans, ROLLED, 05-22, 05-22, 6700, 6700, 46, .82, 0, 37.6, 21, -27.7, -34.7, -4.7, 0, 4.7, -3.7",
    "beans, ROLLED_AND_SPRAYED, 05-22, 05-22, 6700, 6700, 46, .96, 0, 37.6, 10, -.1, -34.7, -4.7, 0, 4.7, 13.0",
    "beans, ROLLED_AFTER, 05-27, 05-10, 7000, 4800, 54, .88, 0, 50.0, 13, -20.0, 0, -18.6, 0, 5.0, 29.3",
    "beans, GREEN, 05-10, 05-10, 2900, 2900, 30, .95, 0, 9.7, -6, -.1, 0, 0, 0, 2.1, 5.6",
    "beans, ROLLED, 06-02, 06-02, 6000, 6000, 48, .82, 0, 32.0, 21, -27.7, -80.9, -3.8, 0, 4.3, -55.1",
    "corn, SPRAYED, 04-20, 05-05, 1900, 0, 16, .94, 1200, 3.4, -15.6, -4.7, 0, -6.5, 10.6, 1.9, -11.0",
    "corn, SPRAYED, 04-29, 05-05, 3000, 0, 19, .94, 2000, 7.8, -9, -4.7, 0, -28.5, 1.5, 3.0, -29.9",
    "corn, GREEN, 05-05, 05-05, 3800, 3800, 20, .93, 2500, 11.9, -6, -8.3, 0, -4.1, -8.5, 3.8, -11.2",
    "organic, ROLLED, 05-21, 05-21, 9000, 9000, 44, .82, 0, 104.3, -2, -40.7, -33.0, -5.4, 0, 10.1, 33.3",
    "organic, ROLLED, 05-29, 05-29, 9600, 9600, 54, .92, 0, 109.5, -2, -12.0, -97.0, -5.9, 0, 10.1, 2.7",
    "organic, ROLLED_AFTER, 05-30, 05-15, 9600, 8200, 55, .93, 0, 115.4, -10, -8.3, 0, -22.7, 0, 10.1, 84.6"
  })
  void theTableOfEndsIsMet(
      String farm,
      ComparedMethod way,
      String killed,
      String planted,
      double mat,
      double then,
      double carbon,
      double k,
      double grass,
      double weeds,
      double passes,
      double kill,
      double date,
      double stand,
      double nitrogen,
      double water,
      double net) {
    WorthParts parts =
        new Worth(at(farm), F)
            .parts(ended(way, killed, planted, mat, then, carbon, k, grass), Draw.NONE);
    assertThat(parts.weeds()).as("weeds").isCloseTo(weeds, within(.06));
    assertThat(parts.passes()).as("passes").isCloseTo(passes, within(.06));
    assertThat(parts.kill()).as("kill").isCloseTo(kill, within(.06));
    assertThat(parts.date()).as("date").isCloseTo(date, within(.06));
    assertThat(parts.stand()).as("stand").isCloseTo(stand, within(.06));
    assertThat(parts.nitrogen()).as("nitrogen").isCloseTo(nitrogen, within(.06));
    assertThat(parts.water()).as("water").isCloseTo(water, within(.06));
    assertThat(parts.net()).as("net").isCloseTo(net, within(.11));
  }

  @ParameterizedTest
  @CsvSource({
    "4800, 0, false, 1.44",
    "3700, 8, false, 6.6",
    "3700, 8, true, 10.0",
    "3000, 18, false, 2.21",
    "900, 8, true, 0",
    "30000, 8, true, 25"
  })
  void halfDeadMatsCostMostPlants(double mat, long gap, boolean wet, double percent) {
    assertThat(StandLoss.percent(mat, gap, wet, false, false, F)).isCloseTo(percent, within(.005));
  }

  @ParameterizedTest
  @CsvSource({"1, 317, .3045"})
  void drawsFillTheirRange(int member, int prime, double uniform) {
    assertThat(Draw.uniform(prime, member)).isCloseTo(uniform, within(.0005));
    assertThat(Draw.of(1).weeds()).isCloseTo(.851, within(.0005));
    double sum = 0;
    int members = 2000;
    for (int i = 1; i <= members; i++) {
      sum += Draw.uniform(prime, i);
    }
    assertThat(sum / members).isCloseTo(.5, within(.005));
  }

  @ParameterizedTest
  @CsvSource({"beans", "corn", "organic"})
  void dearerGrainNeverSpeaksForALaterPlanting(String farm) {
    WorthCase cheap = at(farm);
    WorthCase dear =
        new WorthCase(
            cheap.crop(),
            cheap.planned(),
            cheap.bushels(),
            2 * cheap.price(),
            cheap.organic(),
            cheap.burndown(),
            cheap.starterLbAc(),
            cheap.fitted(),
            cheap.weeds(),
            1,
            false,
            cheap.site());
    TerminatedCover early = ended(ComparedMethod.ROLLED, "05-20", "05-20", 6000, 6000, 40, .9, 0);
    TerminatedCover late = ended(ComparedMethod.ROLLED, "06-04", "06-04", 6000, 6000, 40, .9, 0);
    double before =
        new Worth(cheap, F).parts(late, Draw.NONE).date()
            - new Worth(cheap, F).parts(early, Draw.NONE).date();
    double after =
        new Worth(dear, F).parts(late, Draw.NONE).date()
            - new Worth(dear, F).parts(early, Draw.NONE).date();
    assertThat(after).isLessThan(before).isNegative();
  }

  private static TerminatedCover with(
      TerminatedCover e, ComparedMethod way, double seed, double inches, double cowDays) {
    return new TerminatedCover(
        way,
        e.killed(),
        e.planted(),
        e.mat(),
        e.matPlanted(),
        e.carbon(),
        e.weeksToPlanting(),
        e.weeksLying(),
        e.kill(),
        e.grass(),
        e.availableLbAc(),
        e.wet(),
        e.rainAfter(),
        e.rainSoon(),
        e.drawn(),
        seed,
        inches,
        cowDays,
        null);
  }

  /** Grass that is killed a week after planting costs half as much again as on its day. */
  @ParameterizedTest
  @CsvSource({"05-05, 1", "05-12, 1.5", "05-26, 1.5", "04-28, .5", "04-21, 0"})
  void grassThatLivesOnAfterPlantingGoesOnCosting(String killed, double times) {
    TerminatedCover end =
        ended(ComparedMethod.ROLLED_AFTER, killed, "05-05", 3800, 3800, 20, .93, 2500);
    TerminatedCover bare =
        ended(ComparedMethod.ROLLED_AFTER, killed, "05-05", 3800, 3800, 20, .93, 0);
    double grass =
        new Worth(at("corn"), F).parts(bare, Draw.NONE).nitrogen()
            - new Worth(at("corn"), F).parts(end, Draw.NONE).nitrogen();
    assertThat(grass).isCloseTo(19.8 * times, within(.05));
  }

  @Test
  void plantedGreenIntoALowCoverCostsTwoPlantsInAHundredMore() {
    TerminatedCover tall = ended(ComparedMethod.GREEN, "05-10", "05-10", 2900, 2900, 30, .95, 0);
    Worth worth = new Worth(at("beans"), F);
    double low = worth.parts(with(tall, ComparedMethod.GREEN, 0, 11, 0), Draw.NONE).stand();
    assertThat(worth.parts(tall, Draw.NONE).stand() - low).isCloseTo(.02 * .25 * 630, within(.01));
    assertThat(worth.parts(with(tall, ComparedMethod.GREEN, 0, 12, 0), Draw.NONE).stand()).isZero();
  }

  @Test
  void seedIsChargedAsFarAsItsPlantsLive() {
    TerminatedCover end = ended(ComparedMethod.ROLLED, "06-02", "06-02", 6000, 6000, 48, .82, 0);
    WorthParts parts =
        new Worth(at("beans"), F).parts(with(end, ComparedMethod.ROLLED, 7.2, 40, 0), Draw.NONE);
    assertThat(parts.seed()).isCloseTo(-7.2, within(.001));
  }

  /** 3,000 lb grazed with 20 cow-days an acre: 1,040 gone, three tenths of it trodden in. */
  @Test
  void whatStockLeavesLiesAsAMat() {
    assertThat(Feed.lies(DryMatter.poundsPerAcre(3000), 20, F).poundsPerAcre())
        .isCloseTo(3000 - 1040 + .3 * 1040, within(.5));
    TerminatedCover end = ended(ComparedMethod.SPRAYED, "04-20", "05-10", 3000, 0, 23, .95, 0);
    double weeds =
        new Worth(at("beans"), F)
            .parts(with(end, ComparedMethod.GRAZED, 0, 0, 20), Draw.NONE)
            .weeds();
    double as =
        new Worth(at("beans"), F)
            .parts(ended(ComparedMethod.SPRAYED, "04-20", "05-10", 2272, 0, 23, .95, 0), Draw.NONE)
            .weeds();
    assertThat(weeds).isCloseTo(as, within(.01)).isPositive();
  }
}
