package nimblefurrow.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Unit;

/**
 * The one judge of plans: plays any plan through weather years by the rules of {@link OnePlay} and
 * tells what is lost, when each job falls, and what held it back, all from the same play. It looks
 * for no plan itself. Example: {@code new Evaluator(campaign, years, figures).score(plan).mean()}.
 */
public final class Evaluator {
  private final Numbers numbers;
  private final List<YearNumbers> years;

  /**
   * A judge of plans for a campaign.
   *
   * @param years one or more weather years; for a plan on hours that may be counted on, one
   */
  public Evaluator(Campaign campaign, List<? extends WorkYear> years, Figures figures) {
    Limits.within("years", years.size(), 1, 10_000, Unit.NONE);
    this.numbers = new Numbers(campaign, figures);
    this.years = years.stream().map(year -> new YearNumbers(numbers, year)).toList();
  }

  /** A plan played through the n-th year, job by job. */
  public Played play(Plan plan, int year) {
    return play(plan, year, false);
  }

  /**
   * @param foreseeing whether a job is not even begun that the rest of its window does not hold; of
   *     hours to be counted on that is known beforehand, of a year's weather it is not
   */
  public Played play(Plan plan, int year, boolean foreseeing) {
    Draft turns = new Draft(numbers, plan);
    OnePlay play = new OnePlay(numbers);
    Told told = play.told(years.get(year), turns, foreseeing);
    Holding holding = new Holding(numbers, told, turns);
    List<Run> runs = new ArrayList<>();
    for (int j = 0; j < numbers.jobs.size(); j++) {
      Job job = numbers.jobs.get(j);
      List<DayWork> days = told.spells.get(j).stream().map(this::day).toList();
      Area undone = Area.ofAcres(Math.max(0, play.now.undone(numbers, turns, j)));
      runs.add(new Run(job.id(), holding.machine(j), days, undone, told.held[j], holding.why(j)));
    }
    return new Played(runs, Money.of(play.now.lossAtEnd(numbers, turns)));
  }

  /** What a plan loses in each year. */
  public Score score(Plan plan) {
    Draft turns = new Draft(numbers, plan);
    OnePlay play = new OnePlay(numbers);
    return new Score(Ensemble.of(years.size(), y -> play.loss(years.get(y), turns)));
  }

  /** The jobs that a plan moves of those of one that people go by already. */
  public List<Moved> moved(Plan was, Plan now) {
    return Kept.between(numbers, was, now);
  }

  /** A stage on which plans that differ little are played one after the other, for one thread. */
  public Rehearsal rehearse() {
    return new Rehearsal(numbers, years);
  }

  private DayWork day(Told.Spell spell) {
    return new DayWork(
        numbers.date(spell.day()),
        spell.hours(),
        spell.acres(),
        spell.road(),
        spell.from(),
        spell.driver() < 0
            ? Optional.empty()
            : Optional.of(numbers.drivers.get(spell.driver()).name()));
  }
}
