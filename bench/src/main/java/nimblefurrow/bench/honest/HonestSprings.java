package nimblefurrow.bench.honest;

import java.io.PrintStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import nimblefurrow.bench.honest.HeldOut.Kind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatBelief;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Springs whose truth is drawn apart from the forecast: a season of the station that the climate
 * has not seen, a field that strays from the figures by the model's own errors, stems that differ
 * from spot to spot. Each is forecast on 1 April, on 1 May, after a count and after a clip.
 *
 * <p>Not a proof that the figures are right for a farm: that its own logged truth tells.
 */
public final class HonestSprings {
  private static final Site SITE = new Site(40.5, -97);
  private static final LocalDate FROM = LocalDate.of(2026, 8, 1);
  private static final LocalDate TO = LocalDate.of(2027, 8, 31);
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 25);
  private static final LocalDate APRIL = LocalDate.of(2027, 4, 1);
  private static final LocalDate MAY = LocalDate.of(2027, 5, 1);
  private static final LocalDate WEIGHED = LocalDate.of(2027, 5, 20);
  private static final int FORECAST_DAYS = 8;

  /** Stations whose 28 years are known; each has its own luck. */
  private static final int CLIMATES = 20;

  private static final double STAGE_ERROR = 90;
  private static final double STEM_SPREAD = 45;
  private static final double OBSERVER = 15;
  private static final double DRIFT = 0.10;
  private static final double CLIP_CV = 0.12;
  private static final double CLIP_ERROR = 0.10;
  private static final double LIKENESS = 0.10;
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  private final Figures figures = Figures.shipped();
  private final Species rye = Catalogue.shipped().species("cereal-rye");
  private final List<WeatherRecord> climates =
      IntStream.range(0, CLIMATES)
          .mapToObj(
              i ->
                  new WeatherGenerator(SITE.latitude(), 11 + i, figures)
                      .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2025, 12, 31)))
          .toList();
  private WeatherRecord climate;
  private final CoverStand sown = CoverStand.sown(Mix.of(rye), SOWN);
  private final HeldOut held = new HeldOut();

  private HonestSprings() {}

  /** Draws so many springs and counts. */
  public static HeldOut of(int springs, long seed) {
    HonestSprings all = new HonestSprings();
    for (int i = 0; i < springs; i++) {
      all.spring(seed * 100_003 + i);
    }
    return all.held;
  }

  /** Draws so many springs and prints what held. */
  public static boolean run(PrintStream out, int springs, int seed) {
    out.printf(Locale.ROOT, "Forecasts of %d springs, 10 to 90 %% marks%n", springs);
    of(springs, seed).print(out);
    return true;
  }

  private void spring(long seed) {
    SplittableRandom dice = new SplittableRandom(seed);
    climate = climates.get((int) (seed % CLIMATES));
    WeatherGenerator station = new WeatherGenerator(SITE.latitude(), seed ^ 0x5eedL, figures);
    WeatherRecord truth = station.generate(FROM, TO);
    stages(truth, station, dice, seed);
    mats(truth, station, dice, seed);
  }

  private Outlook seenOn(LocalDate today, WeatherRecord truth, WeatherGenerator said, long seed) {
    return Outlook.of(
        figures,
        SITE,
        climate,
        truth.until(today),
        said.forecast(truth, today, FORECAST_DAYS, seed),
        today,
        FROM,
        TO);
  }

  /** The season as it came, as an outlook of one trace. */
  private Outlook asItCame(WeatherRecord truth) {
    return Outlook.of(figures, SITE, climate, truth, List.of(), TO, FROM, TO).known();
  }

  private void stages(
      WeatherRecord truth, WeatherGenerator station, SplittableRandom dice, long seed) {
    Outlook came = asItCame(truth);
    StageForecast plain = new StageForecast(rye, sown, came);
    double mean = plain.mean(CoverStage.FLOWERING).orElseThrow() + STAGE_ERROR * normal(dice);
    double beyond =
        plain.mean(CoverStage.VIABLE_SEED).orElseThrow()
            - plain.mean(CoverStage.FLOWERING).orElseThrow();
    date(Kind.FLOWERING_1_APRIL, stagesOn(APRIL, sown, truth, station, seed), mean, came, mean);
    date(Kind.FLOWERING_1_MAY, stagesOn(MAY, sown, truth, station, seed), mean, came, mean);

    // Counted on the day on which somebody sees the first of them flower, by the truth's own heat.
    double countAt = mean - 30 + 60 * dice.nextDouble();
    LocalDate day = reaches(came, countAt);
    if (day == null || day.isAfter(TO.minusDays(40))) {
      return;
    }
    Outlook then = seenOn(day, truth, station, seed);
    double heat = new StageForecast(rye, sown, then).middleHeatOn(day);
    StemCount count = count(heat, mean + OBSERVER * normal(dice), dice);
    StageBelief belief =
        count.anchored(
            StageBelief.uncounted(figures),
            plain.mean(CoverStage.FLOWERING).orElseThrow(),
            heat,
            figures);
    CoverStand counted =
        sown.with(new CoverSeen(Map.of(rye.id(), belief), MatBelief.UNSEEN, Map.of()));
    StageForecast after = new StageForecast(rye, counted, then);
    double ready = mean + STEM_SPREAD * UNIT.inverseCumulativeProbability(0.8);
    double readyFound = after.heatAt(CoverStage.FLOWERING, Share.of(0.8)).orElseThrow();
    compare(Kind.READY_AFTER_COUNT, after.at(readyFound), came, drifted(ready, heat, dice));
    compare(
        Kind.SEED_AFTER_COUNT,
        after.when(CoverStage.VIABLE_SEED).orElseThrow(),
        came,
        drifted(mean + beyond, heat, dice));
  }

  private static double drifted(double goal, double heat, SplittableRandom dice) {
    return goal + DRIFT * Math.max(0, goal - heat) * normal(dice);
  }

  private StageForecast stagesOn(
      LocalDate today, CoverStand stand, WeatherRecord truth, WeatherGenerator said, long seed) {
    return new StageForecast(rye, stand, seenOn(today, truth, said, seed));
  }

  private void date(Kind kind, StageForecast stages, double mean, Outlook came, double goal) {
    compare(kind, stages.when(CoverStage.FLOWERING).orElseThrow(), came, goal);
  }

  private void compare(Kind kind, DateForecast forecast, Outlook came, double goal) {
    LocalDate day = reaches(came, goal);
    Optional<LocalDate> low = forecast.early();
    Optional<LocalDate> high = forecast.late();
    if (day == null || low.isEmpty() || high.isEmpty()) {
      return;
    }
    held.add(
        kind,
        forecast.chanceBy(day.minusDays(1)).fraction(),
        forecast.chanceBy(day).fraction(),
        high.get().toEpochDay() - low.get().toEpochDay());
  }

  private LocalDate reaches(Outlook came, double goal) {
    LocalDate start = LocalDate.of(2027, 1, 1);
    LocalDate day = start;
    double heat = 0;
    while (!day.isAfter(TO)) {
      var weather = came.traces().get(0).on(day);
      heat += Math.max(0, (weather.maxF() + weather.minF()) / 2 - 40);
      if (heat >= goal) {
        return day;
      }
      day = day.plusDays(1);
    }
    return null;
  }

  /** Five spots of ten stems; the stems of a spot are alike. */
  private static StemCount count(double heat, double mean, SplittableRandom dice) {
    double within = STEM_SPREAD * Math.sqrt(1 - LIKENESS);
    double between = STEM_SPREAD * Math.sqrt(LIKENESS);
    int past = 0;
    for (int spot = 0; spot < 5; spot++) {
      double spotMean = mean + between * normal(dice);
      for (int stem = 0; stem < 10; stem++) {
        past += heat >= spotMean + within * normal(dice) ? 1 : 0;
      }
    }
    return new StemCount(5, 50, past);
  }

  private void mats(
      WeatherRecord truth, WeatherGenerator station, SplittableRandom dice, long seed) {
    MatForecast came = new MatForecast(sown, asItCame(truth));
    double rho = 0.7 + 0.3 * Math.exp(-(WEIGHED.toEpochDay() - MAY.toEpochDay()) / 30.0);
    double leanThen = normal(dice);
    double leanLater = rho * leanThen + Math.sqrt(1 - rho * rho) * normal(dice);
    double weight = weight(came, WEIGHED, leanLater);
    mat(Kind.MAT_1_APRIL, new MatForecast(sown, seenOn(APRIL, truth, station, seed)), weight);
    Outlook inMay = seenOn(MAY, truth, station, seed);
    MatForecast before = new MatForecast(sown, inMay);
    mat(Kind.MAT_1_MAY, before, weight);
    double clipped =
        weight(came, MAY, leanThen) * Math.exp(Math.hypot(CLIP_CV, CLIP_ERROR) * normal(dice));
    MatBelief belief =
        MatBelief.UNSEEN.after(
            MAY,
            before.curveOn(MAY),
            before.groundCoverOn(MAY),
            DryMatter.poundsPerAcre(clipped),
            CLIP_CV,
            figures);
    CoverStand seen = sown.with(new CoverSeen(Map.of(), belief, Map.of()));
    mat(Kind.MAT_AFTER_CLIP, new MatForecast(seen, inMay), weight);
  }

  private static double weight(MatForecast came, LocalDate day, double lean) {
    double error = 0.32 + 0.25 * (1 - came.groundCoverOn(day));
    return came.curveOn(day).poundsPerAcre() * Math.exp(error * lean);
  }

  private void mat(Kind kind, MatForecast mat, double weight) {
    Spread band = mat.on(WEIGHED);
    double chance = 1 - mat.chanceOfAtLeast(DryMatter.poundsPerAcre(weight), WEIGHED);
    held.add(kind, chance, chance, (band.high() - band.low()) / band.middle());
  }

  private static double normal(SplittableRandom dice) {
    return UNIT.inverseCumulativeProbability(
        Math.min(1 - 1e-12, Math.max(1e-12, dice.nextDouble())));
  }
}
