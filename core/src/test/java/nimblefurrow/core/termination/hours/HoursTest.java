package nimblefurrow.core.termination.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Hour;
import nimblefurrow.core.weather.HoursOfDays;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.Sunlight;
import nimblefurrow.core.weather.Vapour;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Four days of late May by the hour: what they are like, and who can work in them. */
class HoursTest {
  private static final Figures FIGURES = Figures.shipped();
  private static final LocalDate MAY = LocalDate.of(2027, 5, 22);

  private static DailyWeather day(double hi, double lo, double rh, double sun, double wind) {
    return new DailyWeather(MAY, hi, lo, 0, 0, wind, rh, sun);
  }

  private static List<Hour> hours(DailyWeather day) {
    return HoursOfDays.of(List.of(day), TestWeather.SITE, FIGURES);
  }

  private static String span(List<Integer> hours) {
    return hours.isEmpty() ? "none" : hours.get(0) + "-" + hours.get(hours.size() - 1);
  }

  @ParameterizedTest
  @CsvSource({
    "78,54,38,26,8,.72,50.4,8-18,6-18,68.5,1.14,6.5,.75",
    "84,61,30,27,17,.60,49.2,5-18,5-6,74.9,1.76,13.8,1",
    "76,47,40,27,4,.75,49.0,9-18,8-17,64.5,.89,3.3,.50"
  })
  void dryDays(
      double hi,
      double lo,
      double rh,
      double sun,
      double wind,
      double topsoil,
      double dew,
      String crimp,
      String spray,
      double t,
      double vapour,
      double w,
      double score) {
    DailyWeather day = day(hi, lo, rh, sun, wind);
    List<Hour> hours = hours(day);
    assertThat(hours).hasSize(24);
    assertThat(hours.get(8).dewPointF()).isCloseTo(dew, within(0.05));
    assertThat(hours.get(8).temperatureF()).isCloseTo(t, within(0.05));
    assertThat(hours.get(8).vapourKpa()).isCloseTo(vapour, within(0.005));
    assertThat(hours.get(8).windMph()).isCloseTo(w, within(0.06));
    assertThat(CrimpHour.of(hours.get(8), topsoil, FIGURES).score())
        .isCloseTo(score, within(0.005));
    List<Integer> crimped =
        IntStream.range(0, 24)
            .filter(h -> CrimpHour.of(hours.get(h), topsoil, FIGURES).good(FIGURES))
            .boxed()
            .toList();
    List<Integer> sprayed =
        IntStream.range(0, 24)
            .filter(h -> SprayHour.of(hours, h, day, FIGURES) == SprayHour.OK)
            .boxed()
            .toList();
    assertThat(span(crimped)).isEqualTo(crimp);
    assertThat(span(sprayed)).isEqualTo(spray);
  }

  @Test
  void sunOfTheHoursIsThatOfTheDay() {
    double sum = hours(day(78, 54, 38, 26, 8)).stream().mapToDouble(Hour::sunMj).sum();
    assertThat(sum).isCloseTo(26, within(0.2));
  }

  @Test
  void temperatureStaysBetweenLowAndHighAndNightsFallToTheNextLow() {
    List<DailyWeather> days =
        List.of(day(78, 54, 38, 26, 8), new DailyWeather(MAY.plusDays(1), 70, 40, 0, 0, 8, 40, 20));
    List<Hour> hours = HoursOfDays.of(days, TestWeather.SITE, FIGURES);
    assertThat(hours).hasSize(48);
    assertThat(hours)
        .allSatisfy(
            h -> assertThat(h.temperatureF()).as(h.start().toString()).isBetween(40.0, 78.0));
    assertThat(hours.get(28).temperatureF()).isCloseTo(40, within(1.5));
    double soil = hours.stream().limit(24).mapToDouble(Hour::soilF).max().orElseThrow();
    assertThat(soil).isLessThan(78);
  }

  @Test
  void rainWetsLeavesAndForbidsTheSprayerBeforehand() {
    DailyWeather wet = new DailyWeather(MAY, 63, 54, 0.24, 0, 6, 78, 8);
    List<Hour> hours = hours(wet);
    List<Integer> rain = IntStream.range(0, 24).filter(h -> hours.get(h).wet()).boxed().toList();
    assertThat(rain).as("an hour for each 0.08 in").hasSize(3);
    assertThat(hours.stream().mapToDouble(Hour::rainIn).sum()).isCloseTo(0.24, within(1e-9));
    for (int h : rain) {
      assertThat(hours.get(h).leafDryness()).isZero();
      assertThat(CrimpHour.of(hours.get(h), 0.7, FIGURES).score()).isZero();
      SprayHour said = SprayHour.of(hours, h, wet, FIGURES);
      assertThat(said).isNotEqualTo(SprayHour.OK);
    }
    assertThat(SprayHour.values())
        .allMatch(s -> s.words().equals(s.words().toLowerCase(Locale.ROOT)));
  }

  @Test
  void softGroundTakesFromTheRollerUpToFourTenths() {
    Hour noon = hours(day(78, 54, 38, 26, 8)).get(12);
    double firm = CrimpHour.of(noon, 0.5, FIGURES).score();
    assertThat(CrimpHour.of(noon, 1.0, FIGURES).score()).isCloseTo(0.6 * firm, within(1e-9));
    assertThat(CrimpHour.of(noon, 1.3, FIGURES).score()).isCloseTo(0.6 * firm, within(1e-9));
    assertThat(CrimpHour.of(noon, 0.9, FIGURES).limit()).isEqualTo(CrimpHour.Limit.GROUND);
  }

  @Test
  void vapourAndSunByHand() {
    // 68 °F is 20 °C: 0.6108 × e^(17.27 × 20 ÷ 257.3) = 2.338 kPa.
    assertThat(Vapour.fullKpa(68)).isCloseTo(2.338, within(0.001));
    assertThat(Vapour.dewPointF(2.338)).isCloseTo(68, within(0.02));
    double half = Sunlight.sunsetAngle(MAY, 40.5) * 12 / Math.PI;
    assertThat(12 - half).as("sunrise").isBetween(4.6, 4.9);
  }

  /** Two days alike but for their rain: where leaves are wetter, the roller never does better. */
  @Test
  void wetterLeavesNeverRaiseACrimpScore() {
    int compared = 0;
    int lower = 0;
    for (double rain : new double[] {0.05, 0.2, 0.5, 0.9}) {
      List<Hour> dry = hours(new DailyWeather(MAY, 74, 54, 0, 0, 8, 55, 20));
      List<Hour> wet = hours(new DailyWeather(MAY, 74, 54, rain, 0, 8, 55, 20));
      for (int h = 0; h < 24; h++) {
        if (wet.get(h).leafDryness() <= dry.get(h).leafDryness()) {
          double ours = CrimpHour.of(wet.get(h), 0.7, FIGURES).score();
          double theirs = CrimpHour.of(dry.get(h), 0.7, FIGURES).score();
          assertThat(ours).isLessThanOrEqualTo(theirs + 1e-9);
          lower += ours < theirs ? 1 : 0;
          compared++;
        }
      }
    }
    assertThat(compared).isGreaterThan(80);
    assertThat(lower).as("hours that are the worse for it").isGreaterThan(10);
  }

  /** A cold dry day holds back what leaves take up, not what kills by contact. */
  @Test
  void eachKindOfProductHasItsOwnWeather() {
    DailyWeather cold = day(56, 36, 45, 20, 7);
    DailyWeather hot = day(91, 66, 35, 27, 7);
    assertThat(good(cold, Label.Kind.SYSTEMIC)).isZero();
    assertThat(good(cold, Label.Kind.CONTACT)).isPositive();
    assertThat(good(hot, Label.Kind.GROWTH_REGULATOR)).isZero();
    assertThat(good(hot, Label.Kind.SYSTEMIC)).isPositive();
  }

  /**
   * The only rain falls from 15:00 on. With n hours free of rain the hour n before it is lost, the
   * one before that is not; a contact product without a label wants its own figure, which is less.
   */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4})
  void rainIsLookedForToTheLastHourAndNoFurther(int free) {
    DailyWeather fair = day(74, 56, 45, 22, 7);
    List<Hour> hours = rainAt(hours(fair), 15);
    SprayNeed need = new SprayNeed(Label.Kind.CONTACT, Optional.of((double) free));
    assertThat(SprayHour.of(hours, 15 - free, fair, need, FIGURES)).isEqualTo(SprayHour.RAIN);
    assertThat(SprayHour.of(hours, 15 - free - 1, fair, need, FIGURES)).isEqualTo(SprayHour.OK);
  }

  @Test
  void withoutALabelContactWantsFewerHoursThanWhatLeavesTakeUp() {
    double contact = FIGURES.of(FigureKey.of("termination", "contact_rain_free"));
    double systemic = FIGURES.of(FigureKey.of("termination", "spray_rain_free"));
    assertThat(contact).isLessThan(systemic);
    assertThat(new SprayNeed(Label.Kind.CONTACT, Optional.empty()).hours(FIGURES))
        .isEqualTo(contact);
    assertThat(SprayNeed.USUAL.hours(FIGURES)).isEqualTo(systemic);
  }

  private static List<Hour> rainAt(List<Hour> hours, int at) {
    List<Hour> wet = new ArrayList<>(hours);
    Hour h = hours.get(at);
    wet.set(
        at,
        new Hour(
            h.start(),
            h.temperatureF(),
            h.dewPointF(),
            h.vapourKpa(),
            h.sunMj(),
            h.windMph(),
            0.1,
            h.filmMm(),
            h.leafDryness(),
            h.soilF(),
            h.up(),
            h.clearness(),
            h.fromDark()));
    return wet;
  }

  /** Longer rain-free hours never open an hour. */
  @Test
  void whatIsMeantForTheSoilMindsLeavesLeastAndALabelBinds() {
    DailyWeather wet = new DailyWeather(MAY, 68, 54, 0.24, 0, 6, 78, 14);
    List<Hour> hours = hours(wet);
    int before = 25;
    int looked = 0;
    for (double free = 0; free <= 12; free++) {
      double wanted = free;
      int open =
          (int)
              IntStream.range(0, 24)
                  .filter(
                      h ->
                          SprayHour.of(
                                  hours,
                                  h,
                                  wet,
                                  new SprayNeed(Label.Kind.CONTACT, Optional.of(wanted)),
                                  FIGURES)
                              == SprayHour.OK)
                  .count();
      assertThat(open).isLessThanOrEqualTo(before);
      before = open;
      looked++;
    }
    assertThat(looked).isEqualTo(13);
    assertThat(good(wet, Label.Kind.RESIDUAL))
        .isGreaterThanOrEqualTo(good(wet, Label.Kind.CONTACT));
  }

  /** Six hours at 12 ac/h are 72 ac of work, of which a field of 64 ac has 64. */
  @Test
  void aBlockHoldsWhatAMachineGetsDoneInIt() {
    LocalDateTime nine = MAY.atTime(9, 0);
    List<WorkBlock> blocks =
        WorkBlock.of(
            List.of(
                new HourBlock(nine, 3, Share.of(0.9)),
                new HourBlock(nine.plusDays(1), 6, Share.of(0.8)),
                new HourBlock(nine.plusDays(2), 9, Share.of(0.8))),
            WorkRate.acresPerHour(12),
            Area.ofAcres(64));
    assertThat(blocks.stream().map(b -> b.acres().acres()).toList())
        .containsExactly(36.0, 64.0, 64.0);
    assertThat(WorkBlock.best(blocks)).as("of two alike the earlier one").contains(blocks.get(1));
    assertThat(WorkBlock.best(List.of())).isEmpty();
  }

  /** What goes out together is sprayed only in hours that suit both. */
  @Test
  void twoProductsWantWhatEachOfThemWants() {
    DailyWeather hot = day(91, 66, 35, 27, 7);
    List<Hour> hours = hours(hot);
    SprayNeed systemic = SprayNeed.USUAL;
    SprayNeed regulator = new SprayNeed(Label.Kind.GROWTH_REGULATOR, Optional.empty());
    int open = 0;
    for (int h = 0; h < 24; h++) {
      SprayHour alone = SprayHour.of(hours, h, hot, systemic, FIGURES);
      SprayHour both = SprayHour.of(hours, h, hot, List.of(systemic, regulator), FIGURES);
      assertThat(both).isNotEqualTo(SprayHour.OK);
      open += alone == SprayHour.OK ? 1 : 0;
    }
    assertThat(open).isPositive();
  }

  /** The last hours of ten days are judged like the same hours in the middle of fourteen. */
  @Test
  void theLastHoursAreJudgedByAsMuchRainAsTheLabelAsks() {
    Outlook outlook = TestWeather.outlook(LocalDate.of(2027, 5, 1));
    FitDays fit = new FitDays(outlook);
    Footing ground = Footing.bare(SoilTexture.SILT_LOAM);
    List<SprayNeed> label = List.of(new SprayNeed(Label.Kind.CONTACT, Optional.of(72.0)));
    List<HourOutlook> ten = HourOutlook.of(outlook, fit, ground, outlook.today(), 10, label);
    List<HourOutlook> more = HourOutlook.of(outlook, fit, ground, outlook.today(), 14, label);
    List<HourOutlook> little =
        HourOutlook.of(
            outlook,
            fit,
            ground,
            outlook.today(),
            10,
            List.of(new SprayNeed(Label.Kind.CONTACT, Optional.of(1.0))));
    int held = 0;
    assertThat(ten).hasSize(240);
    for (int h = 0; h < 240; h++) {
      assertThat(ten.get(h).spray()).as("hour %d", h).isEqualTo(more.get(h).spray());
      held += ten.get(h).spray().fraction() < little.get(h).spray().fraction() ? 1 : 0;
    }
    assertThat(held).as("hours that the label shuts").isGreaterThan(40);
  }

  private static long good(DailyWeather day, Label.Kind kind) {
    List<Hour> hours = hours(day);
    return IntStream.range(0, 24)
        .filter(
            h ->
                SprayHour.of(hours, h, day, new SprayNeed(kind, Optional.empty()), FIGURES)
                    == SprayHour.OK)
        .count();
  }
}
