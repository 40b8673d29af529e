package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;

/**
 * The days of all machines and drivers while a schedule is being laid: one thing at a time, on the
 * hours that may be counted on, rented machines only when booked. A day is counted by the share of
 * it that is taken.
 */
public final class MachineDays {
  private static final FigureKey LIKELY_OPEN = FigureKey.of("work", "open_likely");
  private static final FigureKey LEAST_CHANCE = FigureKey.of("work", "least_fit");
  private static final double FULL = 0.999;
  private static final FigureKey LONGEST_JOB_DAYS = FigureKey.of("work", "longest_job");

  private record Slot(String whose, LocalDate date) {}

  /** The share of a day that is free, and who would drive. */
  private record Free(double share, Optional<String> driver) {}

  private final FitDays fit;
  private final double leastChance;
  private final int longest;
  private final Map<Slot, Double> taken = new HashMap<>();
  private final Map<Slot, Double> driven = new HashMap<>();

  public MachineDays(FitDays fit) {
    this.fit = fit;
    this.leastChance = fit.figures().of(LEAST_CHANCE);
    this.longest = fit.figures().whole(LONGEST_JOB_DAYS);
  }

  /** Days that a job would take from a start; empty when it does not end by the last day. */
  public Optional<List<DayWork>> tryFrom(
      Job job, Machine machine, LocalDate start, LocalDate last) {
    double hoursLeft = job.hoursOn(machine);
    List<DayWork> days = new ArrayList<>();
    LocalDate day = start;
    for (int i = 0; i < longest && !day.isAfter(last); i++, day = day.plusDays(1)) {
      Free free = free(machine, day);
      double hours = Math.min(hoursLeft, free.share() * fit.hours(job, day));
      if (hours < 0.05 || fit.chance(job, day) < leastChance) {
        if (days.isEmpty()) {
          return Optional.empty();
        }
        continue;
      }
      days.add(new DayWork(day, hours, job.acresIn(hours, machine), free.driver()));
      hoursLeft -= hours;
      if (hoursLeft < 1e-6) {
        return Optional.of(days);
      }
    }
    return Optional.empty();
  }

  /**
   * Days that a job takes from a start that is given: whatever the chance of the first day, and
   * even when another job has it or the machine is not booked; then on days that are free and may
   * be fit.
   */
  public List<DayWork> forced(Job job, Machine machine, LocalDate start) {
    double hoursLeft = job.hoursOn(machine);
    List<DayWork> days = new ArrayList<>();
    for (int i = 0; i < longest && hoursLeft > 1e-6; i++) {
      LocalDate day = start.plusDays(i);
      double whole = Math.max(fit.hours(job, day), 0.1 * fit.hoursPerDay(job.kind()));
      Free free = free(machine, day);
      double countable = free.share() * whole;
      if (countable < 0.05 && days.isEmpty()) {
        countable = whole;
      } else if (!days.isEmpty() && (countable < 0.05 || fit.chance(job, day) < leastChance)) {
        continue;
      }
      double hours = Math.min(hoursLeft, countable);
      days.add(new DayWork(day, hours, job.acresIn(hours, machine), free.driver()));
      hoursLeft -= hours;
    }
    return days;
  }

  public void take(Job job, Machine machine, List<DayWork> days) {
    for (DayWork day : days) {
      double share = day.hours() / Math.max(0.1, fit.hours(job, day.date()));
      taken.merge(new Slot(machine.id(), day.date()), share, Double::sum);
      day.driver().ifPresent(d -> driven.merge(new Slot(d, day.date()), share, Double::sum));
    }
  }

  /** Share of a machine's day that is taken; over 1 when too much is asked of it. */
  public double taken(String machineId, LocalDate date) {
    return taken.getOrDefault(new Slot(machineId, date), 0.0);
  }

  private double driven(String driver, LocalDate date) {
    return driven.getOrDefault(new Slot(driver, date), 0.0);
  }

  /** What is left of a day, with the driver who has most of it left. */
  private Free free(Machine machine, LocalDate day) {
    double share = machine.hadOn(day) ? 1 - taken(machine.id(), day) : 0;
    if (machine.drivers().isEmpty()) {
      return new Free(share, Optional.empty());
    }
    String driver = null;
    double least = Double.MAX_VALUE;
    for (String one : machine.drivers()) {
      double busy = driven(one, day);
      if (busy < least) {
        least = busy;
        driver = one;
      }
    }
    return new Free(Math.min(share, 1 - least), Optional.of(driver));
  }

  /** Why a job cannot start on a day. */
  public Reason whyNot(Job job, Machine machine, LocalDate day, LocalDate today) {
    if (day.isBefore(today)) {
      return Reason.of("{} is the first day left", today);
    }
    double open = job.window().chanceOpen(day);
    if (open < fit.figures().of(LIKELY_OPEN)) {
      return Reason.of("on {} the window is open with a chance of only {}", day, Share.of(open));
    }
    if (!machine.hadOn(day)) {
      return Reason.of("the {} is not booked on {}", machine.name(), day);
    }
    if (taken(machine.id(), day) >= FULL) {
      return Reason.of("on {} the {} is taken by fields that close first", day, machine.name());
    }
    if (free(machine, day).share() < 1 - FULL) {
      return Reason.of("on {} whoever may drive the {} is on another machine", day, machine.name());
    }
    double chance = fit.chance(job, day);
    if (chance < leastChance) {
      return Reason.of("{} is fit for this work with a chance of only {}", day, Share.of(chance));
    }
    return Reason.of("starting on {} would not end sooner", day);
  }
}
