package nimblefurrow.core.ensemble;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import nimblefurrow.core.quantity.Share;

/**
 * One value per climate year, for example the day on which a field is harvested in each of 28
 * years; a year that never gets there is "not reached". {@code Ensemble.of(List.of(3, 1, 2))
 * .quantile(0.5)} is 2. Not a distribution with a law: only what the years say is said.
 *
 * <p>Years are never mixed: what is joined, is joined year by year, so that chances that hang
 * together are counted together. An ensemble of one value stands for the same in every year; one
 * that tells every year several times over, for fields that may differ, joins with one that tells
 * it once: the years come round again in the same order.
 *
 * @param <T> what is answered; ordered, so that there is an early and a late year
 */
public final class Ensemble<T extends Comparable<? super T>> {
  /** Sums of shares never quite meet: a rank this little over a whole one is that one. */
  private static final double WHOLE = 1e-9;

  private final List<T> byYear;
  private List<T> ordered;

  private Ensemble(List<T> byYear) {
    this.byYear = byYear;
  }

  /** An ensemble of one answer per climate year; null stands for "not reached". */
  public static <T extends Comparable<? super T>> Ensemble<T> of(List<T> perYear) {
    return new Ensemble<>(new ArrayList<>(perYear));
  }

  /** The answers of so many years, each asked in turn; null stands for "not reached". */
  public static <T extends Comparable<? super T>> Ensemble<T> of(int years, IntFunction<T> answer) {
    List<T> all = new ArrayList<>(years);
    for (int i = 0; i < years; i++) {
      all.add(answer.apply(i));
    }
    return new Ensemble<>(all);
  }

  /** The same in every year. */
  public static <T extends Comparable<? super T>> Ensemble<T> certain(T value) {
    return new Ensemble<>(List.of(value));
  }

  /** What no year reaches. */
  public static <T extends Comparable<? super T>> Ensemble<T> never(int years) {
    return of(years, i -> null);
  }

  /** How many years answer. */
  public int years() {
    return byYear.size();
  }

  /** The answer of the n-th year; empty where it is not reached. */
  public Optional<T> in(int year) {
    return Optional.ofNullable(raw(year));
  }

  private T raw(int year) {
    return byYear.get(year % byYear.size());
  }

  /** Each year's answer turned into another; what is not reached stays so. */
  public <R extends Comparable<? super R>> Ensemble<R> map(Function<T, R> turned) {
    return of(years(), i -> byYear.get(i) == null ? null : turned.apply(byYear.get(i)));
  }

  /** The earlier or lesser of both in each year; not reached where either is not. */
  public Ensemble<T> leastOfBoth(Ensemble<T> other) {
    return joined(other, false, (a, b) -> a.compareTo(b) <= 0 ? a : b);
  }

  /** The later or greater of both in each year; not reached where either is not. */
  public Ensemble<T> mostOfBoth(Ensemble<T> other) {
    return joined(other, false, (a, b) -> a.compareTo(b) >= 0 ? a : b);
  }

  /** The first that comes in each year; not reached only where neither is. */
  public Ensemble<T> leastOfEither(Ensemble<T> other) {
    return joined(other, true, (a, b) -> a.compareTo(b) <= 0 ? a : b);
  }

  /** The last that comes in each year; not reached only where neither is. */
  public Ensemble<T> mostOfEither(Ensemble<T> other) {
    return joined(other, true, (a, b) -> a.compareTo(b) >= 0 ? a : b);
  }

  /** This where a condition on both holds in a year; not reached where it does not. */
  public <R extends Comparable<? super R>> Ensemble<T> where(
      Ensemble<R> other, BiPredicate<T, R> holds) {
    return of(
        Math.max(years(), other.years()),
        i -> {
          T mine = raw(i);
          R its = other.raw(i);
          return mine != null && its != null && holds.test(mine, its) ? mine : null;
        });
  }

  private Ensemble<T> joined(Ensemble<T> other, boolean oneIsEnough, BinaryOperator<T> both) {
    return of(
        Math.max(years(), other.years()),
        i -> {
          T a = raw(i);
          T b = other.raw(i);
          if (a == null || b == null) {
            return oneIsEnough ? (a == null ? b : a) : null;
          }
          return both.apply(a, b);
        });
  }

  /** Chance of something: the share of years whose answer it holds for; not reached does not. */
  public Share chance(Predicate<T> holds) {
    return counted((int) byYear.stream().filter(v -> v != null && holds.test(v)).count(), years());
  }

  /** Chance of something that two answers of the same year decide together. */
  public <R extends Comparable<? super R>> Share chance(
      Ensemble<R> other, BiPredicate<T, R> holds) {
    Ensemble<T> both = where(other, holds);
    return counted(both.years() - both.notReached(), both.years());
  }

  private static Share counted(int holding, int years) {
    return Share.of(years == 0 ? 0 : (double) holding / years);
  }

  /**
   * The least answer that so large a share of the years does not exceed: an answer of some year,
   * never one between two. Years that are not reached come last of all.
   *
   * @param share more than 0 to 1
   * @return empty where too few years are reached
   */
  public Optional<T> quantile(double share) {
    int rank = Math.max(1, (int) Math.ceil(share * years() - WHOLE));
    List<T> all = ordered();
    return rank > all.size() ? Optional.empty() : Optional.of(all.get(rank - 1));
  }

  /**
   * The greatest answer that so large a share of the years reaches or exceeds, as a last day that
   * works in 80 % of years. Years that are not reached count against it.
   *
   * @param share more than 0 to 1
   * @return empty where no answer does
   */
  public Optional<T> reachedBy(double share) {
    int rank = Math.max(1, (int) Math.ceil(share * years() - WHOLE));
    List<T> all = ordered();
    return rank > all.size() ? Optional.empty() : Optional.of(all.get(all.size() - rank));
  }

  /** The answer of the middle year; empty where fewer than half are reached. */
  public Optional<T> middle() {
    return quantile(0.5);
  }

  /** The earliest or least answer; empty where none is reached. */
  public Optional<T> least() {
    return ordered().stream().findFirst();
  }

  /** The latest or greatest answer; empty where none is reached. */
  public Optional<T> most() {
    return ordered().isEmpty()
        ? Optional.empty()
        : Optional.of(ordered().get(ordered().size() - 1));
  }

  /** How many years never get there. */
  public int notReached() {
    return years() - ordered().size();
  }

  /** Whether not a single year gets there. */
  public boolean never() {
    return notReached() == years();
  }

  /** Answers that are reached, from the least to the most; sorted when first asked for. */
  private List<T> ordered() {
    if (ordered == null) {
      ordered = byYear.stream().filter(v -> v != null).sorted().toList();
    }
    return ordered;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Ensemble<?> ensemble && byYear.equals(ensemble.byYear);
  }

  @Override
  public int hashCode() {
    return byYear.hashCode();
  }

  @Override
  public String toString() {
    return "%d years, middle %s, %d not reached"
        .formatted(years(), middle().map(Object::toString).orElse("–"), notReached());
  }
}
