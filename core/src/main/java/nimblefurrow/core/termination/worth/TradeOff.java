package nimblefurrow.core.termination.worth;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What each way of ending a cover nets by the day it is done, over the years of the weather and all
 * that is weakly known: its range, the best day of each way, how often one beats another, and the
 * days in the middle on which it is too late to spray and too early to plant green.
 *
 * @param ways each way with its days; ways that are ruled out are left out
 * @param avoid days that net less than an earlier spray and than planting green later
 */
public record TradeOff(List<OneWay> ways, List<LocalDate> avoid) {
  private static final FigureKey AVOID_BY = FigureKey.of("worth", "avoid_by");

  /**
   * A way by the day on which it is meant to be done.
   *
   * @param best the day that nets most in the mean
   */
  public record OneWay(ComparedMethod way, List<OneDay> days, OneDay best) {}

  /**
   * A day of a way.
   *
   * @param mean $/ac over the members, {@code range} of eight of ten
   * @param parts their means
   * @param kill expected share that dies
   * @param mat lb/ac dry when it dies, mean
   */
  public record OneDay(
      LocalDate on,
      double mean,
      Spread range,
      WorthParts parts,
      double kill,
      double mat,
      Ensemble<Double> members) {}

  /** A way against another: how often it nets more, each on its best day. */
  public record Beats(ComparedMethod way, ComparedMethod other, double chance, double regret) {}

  /** Of a cover that can be ended in some way. */
  static TradeOff of(List<OneWay> ways, Figures figures) {
    return new TradeOff(ways, avoid(ways, figures.of(AVOID_BY)));
  }

  /** The way that nets most on its best day; empty where none is open. */
  public Optional<OneWay> best() {
    return ways.stream().max(java.util.Comparator.comparingDouble(w -> w.best().mean()));
  }

  /** Every way against the best: the chance that it nets more, and what choosing it costs. */
  public List<Beats> against() {
    List<Beats> all = new ArrayList<>();
    OneWay best = best().orElse(null);
    for (OneWay way : ways) {
      if (best != null && way != best) {
        Ensemble<Double> a = way.best().members();
        Ensemble<Double> b = best.best().members();
        int wins = 0;
        double regret = 0;
        for (int i = 0; i < a.years(); i++) {
          double ours = a.in(i).orElseThrow();
          double theirs = b.in(i).orElseThrow();
          wins += ours > theirs ? 1 : 0;
          regret += Math.max(0, theirs - ours) / a.years();
        }
        all.add(new Beats(way.way(), best.way(), (double) wins / a.years(), regret));
      }
    }
    return all;
  }

  /** Days whose best way nets so much less than both an earlier spray and planting green later. */
  private static List<LocalDate> avoid(List<OneWay> ways, double by) {
    Optional<OneWay> spray =
        ways.stream().filter(w -> w.way() == ComparedMethod.SPRAYED).findFirst();
    Optional<OneWay> green = ways.stream().filter(w -> w.way() == ComparedMethod.GREEN).findFirst();
    if (spray.isEmpty() || green.isEmpty()) {
      return List.of();
    }
    List<LocalDate> all = new ArrayList<>();
    for (OneDay day : spray.get().days()) {
      double here =
          ways.stream()
              .flatMap(w -> w.days().stream())
              .filter(d -> d.on().equals(day.on()))
              .mapToDouble(OneDay::mean)
              .max()
              .orElseThrow();
      double before = best(spray.get(), d -> d.isBefore(day.on()));
      double after = best(green.get(), d -> d.isAfter(day.on()));
      if (here < before - by && here < after - by) {
        all.add(day.on());
      }
    }
    return all;
  }

  private static double best(OneWay way, java.util.function.Predicate<LocalDate> when) {
    return way.days().stream()
        .filter(d -> when.test(d.on()))
        .mapToDouble(OneDay::mean)
        .max()
        .orElse(Double.NEGATIVE_INFINITY);
  }
}
