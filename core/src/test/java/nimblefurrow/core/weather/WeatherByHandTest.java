package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sun, topsoil water, normals and sums worked out a second time, by other ways. */
class WeatherByHandTest {
  private static final LocalDate JUNE = LocalDate.of(2027, 6, 15);

  /** Sunlight above the air summed minute by minute over the day, at 0.082 MJ/m² a minute. */
  private static double summed(LocalDate date, double latitude) {
    double year = 2 * Math.PI * date.getDayOfYear() / 365;
    double declination = 0.409 * Math.sin(year - 1.39);
    double nearer = 1 + 0.033 * Math.cos(year);
    double phi = Math.toRadians(latitude);
    double sum = 0;
    for (int minute = 0; minute < 1440; minute++) {
      double hour = 2 * Math.PI * (minute - 719.5) / 1440;
      double height =
          Math.sin(phi) * Math.sin(declination)
              + Math.cos(phi) * Math.cos(declination) * Math.cos(hour);
      sum += Math.max(0, height) * 0.0820 * nearer;
    }
    return sum;
  }

  @ParameterizedTest
  @CsvSource({
    "2027-06-15,40.5",
    "2027-12-20,44",
    "2027-03-21,37",
    "2027-09-03,-20",
    "2027-01-10,58"
  })
  void sunAboveTheAirIsTheSumOfItsMinutes(LocalDate date, double latitude) {
    assertThat(Sunlight.aboveAtmosphereMj(date, latitude))
        .isCloseTo(summed(date, latitude), within(0.003 * summed(date, latitude) + 0.01));
  }

  @Test
  void sunAtTheGroundFollowsTheSwingOfTheDay() {
    double above = summed(JUNE, 40.5);
    // 86 to 59 °F is a swing of 15 °C.
    assertThat(Sunlight.estimatedMj(JUNE, 40.5, 86, 59, false))
        .isCloseTo(0.16 * Math.sqrt(15) * above, within(0.1));
    assertThat(Sunlight.estimatedMj(JUNE, 40.5, 86, 59, true))
        .isCloseTo(0.12 * Math.sqrt(15) * above, within(0.1));
    assertThat(Sunlight.estimatedMj(JUNE, 40.5, 120, 20, false)).as("never more").isEqualTo(45);
  }

  @Test
  void evaporationByHargreaves() {
    // Mean 72.5 °F is 22.5 °C.
    double mm = 0.0023 * 0.408 * summed(JUNE, 40.5) * (22.5 + 17.8) * Math.sqrt(15);
    assertThat(Sunlight.evaporationIn(JUNE, 40.5, 86, 59)).isCloseTo(mm / 25.4, within(0.001));
    assertThat(Sunlight.evaporationIn(LocalDate.of(2027, 1, 5), 44, -10, -30)).isZero();
  }

  @Test
  void aDayWithoutSunIsWetFromTwoHundredthsOn() {
    DailyWeather dry = DailyWeather.measured(JUNE, 86, 59, 0.02, 40.5);
    DailyWeather wet = DailyWeather.measured(JUNE, 86, 59, 0.03, 40.5);
    assertThat(dry.humidity()).isLessThan(wet.humidity());
    assertThat(wet.sunMj()).isCloseTo(0.75 * dry.sunMj(), within(1e-9));
  }

  /** Water of each evening, worked out again with the silt loam's and the house's own numbers. */
  @ParameterizedTest
  @ValueSource(doubles = {0, 0.4, 1})
  void topsoilWaterDayByDay(double cover) {
    LocalDate from = LocalDate.of(2026, 11, 1);
    LocalDate to = LocalDate.of(2027, 5, 31);
    WeatherTrace trace =
        TestWeather.trace(
            from,
            to,
            d -> 45 + 22 * Math.sin((d.getDayOfYear() - 110) * 2 * Math.PI / 365),
            d -> d.getDayOfMonth() % 5 == 0 ? 0.4 : d.getDayOfMonth() == 12 ? 1.9 : 0);
    TopsoilWater water =
        TopsoilWater.run(
            trace, TestWeather.SITE, SoilTexture.SILT_LOAM, true, cover, 3000, Figures.shipped());
    double in = 0.75 * 1.3;
    double ground = 40;
    int wettest = 0;
    int frozen = 0;
    for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
      DailyWeather w = trace.on(day);
      double pull = Sunlight.evaporationIn(day, 40.5, w.maxF(), w.minF());
      double openTo = Math.max(0, Math.min(1, (in - 0.25) / (1.3 - 0.25)));
      double rootsTo = Math.max(0, Math.min(1, (in - 0.5) / (1.3 - 0.5)));
      double lost = 0.65 * pull * (1 - cover) * (1 - 0.6 * 3 / 8) * openTo;
      double drunk = 0.9 * pull * cover * rootsTo;
      in = Math.min(1.4 * 1.3, Math.max(0.25, in - lost - drunk) + w.rainIn());
      assertThat(water.shareOfCapacity(day)).isCloseTo(in / 1.3, within(1e-9));
      wettest += in > 1.3 ? 1 : 0;
      // Two days drain what stands on silt loam; tile takes one of them.
      in -= Math.max(0, in - 1.3);
      ground = 0.8 * ground + 0.2 * w.meanF();
      assertThat(water.frozen(day)).isEqualTo(ground < 31);
      frozen += ground < 31 ? 1 : 0;
    }
    assertThat(wettest).isPositive();
    assertThat(frozen).isBetween(10, 150);
    assertThat(water.shareOfCapacity(from.minusDays(4))).isEqualTo(water.shareOfCapacity(from));
    assertThat(water.shareOfCapacity(to.plusDays(4))).isEqualTo(water.shareOfCapacity(to));
  }

  @Test
  void untiledGroundShedsHalfOfWhatStandsEachDay() {
    LocalDate from = LocalDate.of(2027, 4, 1);
    WeatherTrace trace =
        TestWeather.trace(from, from.plusDays(6), d -> 50, d -> d.equals(from) ? 3 : 0);
    TopsoilWater water =
        TopsoilWater.run(
            trace, TestWeather.SITE, SoilTexture.SILT_LOAM, false, 0, 9000, Figures.shipped());
    double pull = Sunlight.evaporationIn(from.plusDays(1), 40.5, 60, 40);
    assertThat(water.shareOfCapacity(from)).as("filled to the brim").isCloseTo(1.4, within(1e-9));
    assertThat(water.shareOfCapacity(from.plusDays(1)))
        .isCloseTo((1.3 * 1.2 - 0.65 * 0.4 * pull) / 1.3, within(1e-6));
  }

  /** Daily normals average over each month to what is written for the latitude. */
  @Test
  void normalsAverageToTheirMonthsAndAreTurnedInTheSouth() {
    double[] high = {34, 39, 52, 63.5, 74, 84, 87.5, 85.5, 79, 66, 51, 38};
    double[] moved = {0, -0.7, -0.9, -0.3, 0, 0, 0, 0, 0, 0, 0, 0};
    Normals north = Normals.at(40.5, Figures.shipped());
    Normals south = Normals.at(-40.5, Figures.shipped());
    for (int m = 1; m <= 12; m++) {
      LocalDate first = LocalDate.of(2027, m, 1);
      double mean =
          first.datesUntil(first.plusMonths(1)).mapToDouble(north::maxF).average().orElseThrow();
      assertThat(mean).as("month %d", m).isCloseTo(high[m - 1] + moved[m - 1], within(0.06));
      LocalDate middle = LocalDate.of(2027, m, 15);
      assertThat(south.wetShare(middle)).isEqualTo(north.wetShare(middle.plusMonths(6)));
      assertThat(south.maxF(middle)).isCloseTo(north.maxF(middle.plusMonths(6)), within(0.6));
    }
    assertThat(north.coldTail(LocalDate.of(2027, 3, 16))).isCloseTo(0.3, within(0.01));
    assertThat(north.wetDayRainIn(JUNE)).isCloseTo(4.3 / (30 * 0.33), within(1e-9));
    assertThat(Normals.at(52, Figures.shipped()).maxF(JUNE))
        .as("a place further off is taken as lying at 52°")
        .isEqualTo(Normals.at(60, Figures.shipped()).maxF(JUNE));
    assertThat(Normals.at(52, Figures.shipped()).wetDayRainIn(LocalDate.of(2027, 1, 15)))
        .as("never less than a fifth of an inch a month")
        .isCloseTo(0.2 / (31 * 0.27), within(1e-9));
  }

  @Test
  void heatIsReachedByTheEveningAndLeftFromTheMorning() {
    LocalDate from = LocalDate.of(2027, 4, 1);
    WeatherTrace trace = TestWeather.trace(from, from.plusDays(29), d -> 50);
    Heat hundred = Heat.of(100, HeatBase.BASE_40);
    assertThat(trace.last()).isEqualTo(from.plusDays(29));
    assertThat(trace.reaches(from, hundred)).as("ten days of 10").isEqualTo(from.plusDays(9));
    assertThat(trace.reaches(from.minusDays(30), hundred)).isEqualTo(from.plusDays(9));
    assertThat(trace.reaches(from, Heat.of(300, HeatBase.BASE_40))).isEqualTo(from.plusDays(29));
    assertThat(trace.reaches(from, Heat.of(300.1, HeatBase.BASE_40))).isNull();
    assertThat(trace.reaches(from, Heat.of(0, HeatBase.BASE_40))).isEqualTo(from);
    assertThat(trace.lastDayLeaving(from.plusDays(29), hundred)).isEqualTo(from.plusDays(20));
    assertThat(trace.lastDayLeaving(from.plusDays(8), hundred)).isNull();
    assertThat(trace.lastDayLeaving(from.plusDays(9), hundred)).isEqualTo(from);
    assertThat(trace.degreeDays(HeatBase.BASE_40, from, from)).isCloseTo(10, within(1e-9));
    assertThat(trace.degreeDays(HeatBase.BASE_40, from.plusDays(1), from)).isZero();
    assertThat(trace.firstNightAtOrBelow(40, from, from)).as("that very night").isEqualTo(from);
    assertThat(trace.firstNightAtOrBelow(39.9, from, from.plusDays(60))).isNull();
    assertThat(trace.firstNightAtOrBelow(40, from.minusDays(9), from.minusDays(1))).isNull();
  }

  /** A day of the strip is what its members say, sorted and picked by rank. */
  @Test
  void theStripIsPickedFromItsMembers() {
    LocalDate today = LocalDate.of(2026, 7, 15);
    Outlook outlook = TestWeather.outlook(today);
    WeatherStrip strip = WeatherStrip.of(outlook);
    int seen = 0;
    for (LocalDate day = outlook.first(); day.getYear() < 2027; day = day.plusDays(9)) {
      int i = (int) (day.toEpochDay() - outlook.first().toEpochDay());
      LocalDate on = day;
      List<Double> lows = sorted(outlook, t -> t.on(on).minF());
      assertThat(strip.lowF()[i]).isEqualTo((int) Math.round(lows.get(2)));
      assertThat(strip.middleF()[i])
          .isEqualTo((int) Math.round(sorted(outlook, t -> t.on(on).meanF()).get(13)));
      assertThat(strip.highF()[i])
          .isEqualTo((int) Math.round(sorted(outlook, t -> t.on(on).maxF()).get(25)));
      long frosts = lows.stream().filter(f -> f <= 32).count();
      assertThat(strip.frostPercent()[i]).isEqualTo((int) Math.round(100.0 * frosts / 28));
      double rain = outlook.traces().stream().mapToDouble(t -> t.on(on).rainIn()).sum() / 28;
      assertThat(strip.rainIn()[i]).isCloseTo(rain, within(0.0051));
      seen++;
    }
    assertThat(seen).isGreaterThan(35);
    assertThat(strip.lowF()).hasSize(730);
    assertThat(strip.measured()).isEqualTo(196);
  }

  private static List<Double> sorted(
      Outlook outlook, java.util.function.Function<WeatherTrace, Double> question) {
    List<Double> all = outlook.traces().stream().map(question).sorted().toList();
    assertThat(all).hasSize(28);
    return all;
  }

  /** Snow of each day from the snow before; wind, damp and swing of wet days against dry ones. */
  @Test
  void theStationsSnowWindAndSwing() {
    List<DailyWeather> days =
        new WeatherGenerator(40.5, 3, Figures.shipped())
            .generate(LocalDate.of(1900, 1, 1), LocalDate.of(1999, 12, 31))
            .days();
    double[] wet = new double[4];
    double[] dry = new double[4];
    int lying = 0;
    for (int i = 1; i < days.size(); i++) {
      DailyWeather d = days.get(i);
      double came = d.meanF() < 32 ? d.rainIn() * 10 : 0;
      double stays =
          days.get(i - 1).snowDepthIn() * 0.96 + came - 0.22 * Math.max(0, d.meanF() - 31);
      if (Math.abs(d.meanF() - 32) > 0.1 && Math.abs(stays - 0.2) > 0.05) {
        assertThat(d.snowDepthIn()).isCloseTo(stays < 0.2 ? 0 : Math.min(40, stays), within(0.08));
        lying += d.snowDepthIn() > 0 ? 1 : 0;
      }
      double[] of = d.rainIn() > 0 ? wet : dry;
      of[0]++;
      of[1] += d.windMph();
      of[2] += d.humidity();
      of[3] += d.maxF() - d.minF();
    }
    assertThat(lying).isGreaterThan(2000);
    assertThat(dry[1] / dry[0]).isCloseTo(9.55, within(0.1));
    assertThat(wet[1] / wet[0]).isCloseTo(11.0, within(0.1));
    assertThat(dry[2] / dry[0]).isCloseTo(50, within(0.3));
    assertThat(wet[2] / wet[0]).isCloseTo(74, within(0.3));
    assertThat(wet[3] / wet[0] / (dry[3] / dry[0])).isCloseTo(0.64, within(0.03));
  }
}
