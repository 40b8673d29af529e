package nimblefurrow.core.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What a person's judgements of drawings say: how far too high they usually are, how much they
 * scatter, and how hard the next drawing should be. Ten judgements that are four too high each:
 * bias 4, scatter 0. Of drawings, not of fields; a person says whether counts are to be moved by
 * it.
 *
 * @param judged how many of the last count
 * @param bias mean of what was said less what was true, in the exercise's unit
 * @param scatter standard deviation about it; 0 for fewer than two
 * @param level that the next drawing has
 */
public record Eye(int judged, double bias, double scatter, int level) {
  private static final FigureKey LAST = FigureKey.of("practice", "last_counted");
  private static final FigureKey UP_AFTER = FigureKey.of("practice", "up_after");
  private static final FigureKey UP_UNDER = FigureKey.of("practice", "up_under");
  private static final FigureKey DOWN_OVER = FigureKey.of("practice", "down_over");

  /** Judgements from which a bias may move counts. */
  public static final FigureKey SURE_FROM = FigureKey.of("practice", "sure_from");

  /**
   * A drawing judged.
   *
   * @param most the highest answer that could be given
   */
  public record Judged(int level, int truth, int said, int most) {
    int off() {
      return said - truth;
    }

    double share() {
      return Math.abs(off()) / (double) most;
    }
  }

  /** Of judgements of one exercise, the latest last. */
  public static Eye of(List<Judged> all, Figures figures) {
    int last = figures.whole(LAST);
    List<Judged> counted = all.subList(Math.max(0, all.size() - last), all.size());
    int n = counted.size();
    double bias = counted.stream().mapToInt(Judged::off).average().orElse(0);
    double squares = counted.stream().mapToDouble(j -> Math.pow(j.off() - bias, 2)).sum();
    return new Eye(n, bias, n < 2 ? 0 : Math.sqrt(squares / (n - 1)), level(all, figures));
  }

  /** One up after some in a row that were near, one down after as many that were far off. */
  private static int level(List<Judged> all, Figures figures) {
    if (all.isEmpty()) {
      return Scene.FIRST;
    }
    int now = all.get(all.size() - 1).level();
    int run = figures.whole(UP_AFTER);
    List<Judged> here = all.subList(Math.max(0, all.size() - run), all.size());
    if (here.size() < run || here.stream().anyMatch(j -> j.level() != now)) {
      return now;
    }
    double off = here.stream().mapToDouble(Judged::share).average().orElseThrow();
    if (off <= figures.of(UP_UNDER)) {
      return Math.min(Scene.LAST, now + 1);
    }
    return off >= figures.of(DOWN_OVER) ? Math.max(Scene.FIRST, now - 1) : now;
  }

  /** Whether enough was judged that counts may be moved by it. */
  public boolean sure(Figures figures) {
    return judged >= figures.whole(SURE_FROM);
  }

  /**
   * By how many days such a bias would have moved a field's date of flowering: someone who sees 70
   * % where 60 % are past believes the field to be further on. Above 0: the field was believed too
   * early, so it would have been rolled too soon.
   *
   * @param said share that was said, {@code truth} that was true, 0–1
   * @param day about which the field is counted
   */
  public static Optional<Double> daysMoved(
      double said, double truth, StageForecast stages, LocalDate day, Figures figures) {
    double perDay = stages.middleHeatOn(day.plusDays(3)) - stages.middleHeatOn(day.minusDays(4));
    if (stages.mean(CoverStage.FLOWERING).isEmpty() || perDay <= 0) {
      return Optional.empty();
    }
    NormalDistribution unit = NormalDistribution.of(0, 1);
    double heat =
        (unit.inverseCumulativeProbability(held(said))
                - unit.inverseCumulativeProbability(held(truth)))
            * figures.of(StageForecast.STEM_SPREAD);
    return Optional.of(heat / (perDay / 7));
  }

  /**
   * Stems past, with what an eye usually sees too many taken off: of 50, 32 seen by an eye that is
   * .04 too high are 30.
   *
   * @param bias as a share; null: none is taken off
   */
  public static int taken(int past, int stems, Double bias) {
    return bias == null
        ? past
        : (int) Math.max(0, Math.min(stems, Math.round(past - bias * stems)));
  }

  private static double held(double share) {
    return Math.max(0.02, Math.min(0.98, share));
  }
}
