package nimblefurrow.core.termination;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.yard.MachineKind;

/**
 * How likely each day of a spring will do for one way of ending: its window is open and the ground
 * and sky are fit for its machine, counted over the same years. Not a plan: machines may be taken.
 */
public final class TerminationDays {
  private TerminationDays() {}

  /**
   * Chances by day, 0–1.
   *
   * @param from first day, {@code days} of them
   */
  public static List<Double> chances(
      TerminationOutlook termination, Footing ground, FitDays fit, LocalDate from, int days) {
    Optional<MachineKind> machine = termination.method().needs().stream().findFirst();
    int years = fit.memberYears();
    double[][] open = open(termination, years, from, days);
    List<Double> chances = new ArrayList<>();
    for (int d = 0; d < days; d++) {
      boolean[] will =
          machine.isEmpty() ? null : fit.fitYears(ground, machine.get(), from.plusDays(d));
      double sum = 0;
      for (int year = 0; year < years; year++) {
        sum += will == null || will[year] ? open[year][d] : 0;
      }
      chances.add(sum / members(termination, years));
    }
    return chances;
  }

  /** A day that is the same in every year counts for each of them. */
  private static int members(TerminationOutlook termination, int years) {
    return Math.max(years, termination.opens().members());
  }

  /** How many members of each year have their window open on each day. */
  private static double[][] open(
      TerminationOutlook termination, int years, LocalDate from, int days) {
    double[][] changes = new double[years][days + 1];
    int members = members(termination, years);
    for (int i = 0; i < members; i++) {
      Optional<LocalDate> opens = termination.opens().days().in(i % termination.opens().members());
      Optional<LocalDate> closes =
          termination.closes().days().in(i % termination.closes().members());
      if (opens.isPresent()) {
        int first = held(opens.get().toEpochDay() - from.toEpochDay(), days);
        int after =
            closes.map(day -> held(day.toEpochDay() + 1 - from.toEpochDay(), days)).orElse(days);
        if (after > first) {
          changes[i % years][first]++;
          changes[i % years][after]--;
        }
      }
    }
    for (double[] year : changes) {
      for (int d = 1; d <= days; d++) {
        year[d] += year[d - 1];
      }
    }
    return changes;
  }

  private static int held(long day, int days) {
    return (int) Math.max(0, Math.min(days, day));
  }
}
