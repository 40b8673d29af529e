package nimblefurrow.core.termination;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;

/** Chances of a way by day, and days that insurers set, against counting the years by hand. */
class TerminationDaysTest {
  private static final LocalDate PLANTED = LocalDate.of(2027, 5, 12);
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 9, 1));
  private static final Footing GROUND = new Footing(SoilTexture.SILT_LOAM, false, true);

  private static TerminationOutlook termination(
      TerminationMethod termination, List<TerminationDate> dates) {
    MatForecast mat =
        new MatForecast(
            CoverStand.sown(
                Mix.of(Catalogue.shipped().species("cereal-rye")), LocalDate.of(2026, 9, 12)),
            OUTLOOK);
    return new TerminationRules(
            mat,
            new NextCrop(CropKind.SOYBEANS, PLANTED),
            false,
            HouseRules.usual(Figures.shipped()),
            dates)
        .termination(termination);
  }

  /** Planting green opens on one day in every year; how many of them are fit is counted. */
  @Test
  void aDayThatIsCertainIsSetAgainstEveryYear() {
    FitDays fit = new FitDays(OUTLOOK);
    List<Double> chances =
        TerminationDays.chances(
            termination(TerminationMethod.PLANT_GREEN, List.of()), GROUND, fit, PLANTED, 6);
    int between = 0;
    for (int d = 0; d < 6; d++) {
      boolean[] years = fit.fitYears(GROUND, MachineKind.PLANTER, PLANTED.plusDays(d));
      int will = 0;
      for (boolean year : years) {
        will += year ? 1 : 0;
      }
      assertThat(chances.get(d)).isCloseTo((double) will / years.length, within(1e-9));
      between += will > 0 && will < years.length ? 1 : 0;
    }
    assertThat(between).as("days fit in some years only").isPositive();
  }

  @Test
  void nothingIsOpenBeforeAndAfterTheWindow() {
    FitDays fit = new FitDays(OUTLOOK);
    List<Double> chances =
        TerminationDays.chances(
            termination(TerminationMethod.ROLL, List.of()),
            GROUND,
            fit,
            LocalDate.of(2027, 4, 1),
            100);
    assertThat(chances.get(0)).isZero();
    assertThat(chances.get(99)).isZero();
    assertThat(chances.stream().mapToDouble(c -> c).max().orElseThrow()).isBetween(0.1, 1.0);
  }

  @Test
  void adayOfAnInsurerIsSaidWhereAWayBreaksIt() {
    TerminationDate dead =
        new TerminationDate(
            "crop insurance", TerminationDate.Kind.DEAD_BY, java.time.MonthDay.of(5, 1));
    TerminationDate alive =
        new TerminationDate(
            "cost-share", TerminationDate.Kind.ALIVE_UNTIL, java.time.MonthDay.of(5, 20));
    TerminationOutlook green = termination(TerminationMethod.PLANT_GREEN, List.of(dead, alive));
    assertThat(green.against().stream().map(r -> r.in(UnitSystem.US)).toList())
        .startsWith(
            "crop insurance wants it dead by 1 May, this is 12 May: ask your agent first",
            "cost-share wants it living until 20 May, this is 12 May: ask your agent first");
    assertThat(termination(TerminationMethod.PLANT_GREEN, List.of()).closes())
        .as("no window moves by it")
        .isEqualTo(green.closes());
    TerminationDate kept =
        new TerminationDate(
            "crop insurance", TerminationDate.Kind.DEAD_BY, java.time.MonthDay.of(5, 12));
    assertThat(kept.brokenBy(PLANTED, PLANTED)).isEmpty();
    assertThat(kept.brokenBy(PLANTED.plusDays(1), PLANTED)).isPresent();
  }
}
