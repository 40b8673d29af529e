package nimblefurrow.core.termination.worth;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.termination.Grazing;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.yard.MachineKind;

/**
 * Works a field's trade-off out: each way on each day in each climate year, with the field's own
 * straying and the weak figures drawn. A year does what is meant on its first fit day.
 */
public final class TradeOffs {
  private static final int DAYS_BEFORE = 42;
  private static final int DAYS_AFTER = 35;
  private static final int LONGEST_WAIT = 30;
  private static final FigureKey AGAIN = FigureKey.of("worth", "again_after");
  private static final FigureKey CUT_BEFORE = FigureKey.of("ending", "cut_before");
  private static final FigureKey GRAZE_BEFORE = FigureKey.of("ending", "graze_before");
  private static final FigureKey GREEN_UP = FigureKey.of("termination", "spray_from");
  private static final FigureKey CROP_DAYS = FigureKey.of("worth", "crop_days");

  private final MatForecast mat;
  private final WorthCase at;
  private final Footing living;
  private final Footing bare;
  private final Outlook outlook;
  private final Figures figures;
  private final Worth worth;
  private final LocalDate first;
  private final LocalDate last;
  private final LocalDate plantFrom;
  private final YearKill dies;
  private final SpringDays spring;
  private Ensemble<LocalDate> stockOn;

  /**
   * Of a cover on a ground, before a crop.
   *
   * @param living the ground with the cover on it, {@code bare} without it
   */
  public TradeOffs(MatForecast mat, WorthCase at, FitDays fit, Footing living, Footing bare) {
    this.mat = mat;
    this.at = at;
    this.living = living;
    this.bare = bare;
    this.outlook = mat.outlook();
    this.figures = outlook.figures();
    this.worth = new Worth(at, figures);
    LocalDate opens = at.planned().minusDays(DAYS_BEFORE);
    this.first = opens.isBefore(outlook.today()) ? outlook.today() : opens;
    this.plantFrom = at.planned().isBefore(first) ? first : at.planned();
    LocalDate end = at.planned().plusDays(DAYS_AFTER);
    this.last = end.isAfter(outlook.last()) ? outlook.last() : end;
    this.dies = new YearKill(mat, at.organic());
    this.spring = new SpringDays(mat, fit, bare, first, last.plusDays(LONGEST_WAIT));
  }

  /**
   * The trade-off with hay and grazing or without: feed pays only where there is stock or a buyer.
   */
  public TradeOff work(boolean feed) {
    return work(way -> feed || !way.feeds());
  }

  /** The trade-off; without ways where nothing lives in spring or the season is over. */
  private TradeOff work(java.util.function.Predicate<ComparedMethod> asked) {
    List<TradeOff.OneWay> ways = new ArrayList<>();
    for (ComparedMethod way : ComparedMethod.values()) {
      if (!dies.any() || !asked.test(way) || way.herbicide() && at.organic()) {
        continue;
      }
      List<TradeOff.OneDay> days = days(way, 1);
      days.stream()
          .max(java.util.Comparator.comparingDouble(TradeOff.OneDay::mean))
          .ifPresent(best -> ways.add(new TradeOff.OneWay(way, days, best)));
    }
    return TradeOff.of(ways, figures);
  }

  /**
   * One way by the day it is done; no days where it does not belong.
   *
   * @param every days from one to the next
   */
  public List<TradeOff.OneDay> of(ComparedMethod way, int every) {
    return !dies.any() || way.herbicide() && at.organic() ? List.of() : days(way, every);
  }

  private List<TradeOff.OneDay> days(ComparedMethod way, int every) {
    List<TradeOff.OneDay> days = new ArrayList<>();
    for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(every)) {
      if (open(way, day)) {
        day(way, day).ifPresent(days::add);
      }
    }
    return days;
  }

  /** Rolling over the crop comes after it; a spray beyond planting is planting green. */
  private boolean open(ComparedMethod way, LocalDate day) {
    return switch (way) {
      case SPRAYED, SPRAYED_TWICE, TILLED -> day.isBefore(at.planned());
      case HAYED -> true;
      case GRAZED -> !day.isAfter(at.planned().minusDays(figures.whole(GRAZE_BEFORE)));
      case GREEN, ROLLED, ROLLED_TWICE, ROLLED_AND_SPRAYED -> !day.isBefore(plantFrom);
      case ROLLED_AFTER -> day.isAfter(at.planned().plusDays(figures.whole(CROP_DAYS)));
    };
  }

  private Optional<TradeOff.OneDay> day(ComparedMethod way, LocalDate day) {
    int years = outlook.traces().size();
    List<Double> nets = new ArrayList<>();
    WorthParts sum = WorthParts.NOUGHT;
    double kill = 0;
    double weight = 0;
    for (int year = 0; year < years; year++) {
      Optional<TerminatedCover> end = ended(way, day, year);
      if (end.isEmpty()) {
        return Optional.empty();
      }
      WorthParts parts = worth.parts(end.get(), Draw.of(year + 1));
      nets.add(parts.net());
      sum = sum.plus(parts);
      kill += end.get().kill() / years;
      weight += end.get().mat() / years;
    }
    Ensemble<Double> members = Ensemble.of(nets);
    WorthParts mean = sum.times(1.0 / years);
    return Optional.of(
        new TradeOff.OneDay(day, mean.net(), Spread.of(members), mean, kill, weight, members));
  }

  private Optional<TerminatedCover> ended(ComparedMethod way, LocalDate meant, int year) {
    LocalDate killed;
    LocalDate planted;
    if (way == ComparedMethod.GREEN) {
      planted = firstFit(year, living, MachineKind.PLANTER, meant);
      killed = planted;
    } else if (way == ComparedMethod.ROLLED_AFTER) {
      planted = firstFit(year, living, MachineKind.PLANTER, plantFrom);
      LocalDate from = planted.plusDays(figures.whole(CROP_DAYS));
      killed = firstFit(year, living, way.machine(), meant.isBefore(from) ? from : meant);
    } else {
      killed = firstFit(year, living, way.machine(), meant);
      LocalDate ready = killed.plusDays(waits(way));
      LocalDate earliest = ready.isBefore(plantFrom) ? plantFrom : ready;
      planted =
          way.plantsAtOnce() && !killed.isBefore(plantFrom)
              ? killed
              : firstFit(year, bare, MachineKind.PLANTER, earliest);
    }
    if (planted.isAfter(last.plusDays(LONGEST_WAIT - 1))
        || killed.isAfter(last.plusDays(LONGEST_WAIT - 1))) {
      return Optional.empty();
    }
    return Optional.of(ended(way, killed, planted, year));
  }

  /** Days from a pass until the ground is free for the planter. */
  private int waits(ComparedMethod way) {
    return switch (way) {
      case HAYED -> figures.whole(CUT_BEFORE);
      case SPRAYED_TWICE -> figures.whole(AGAIN);
      default -> 0;
    };
  }

  private TerminatedCover ended(ComparedMethod way, LocalDate killed, LocalDate planted, int year) {
    double strays = Draw.weight(year + 1);
    double pounds = mat.inYear(year, killed, strays);
    double then = planted.isAfter(killed) ? 0 : mat.inYear(year, planted, strays);
    double cn = spring.carbon(killed);
    LocalDate judged = planted.plusDays(Math.round(7 * figures.of(WeedWorth.WEEKS)));
    boolean wet = planted.isAfter(killed) && spring.wet(year, planted);
    return new TerminatedCover(
        way,
        killed,
        planted,
        pounds,
        then,
        cn,
        planted.isAfter(killed) ? spring.warmWeeks(year, killed, planted) : 0,
        judged.isAfter(killed) ? spring.warmWeeks(year, killed, judged) : 0,
        dies.kill(way, killed, pounds, year),
        pounds * spring.grass(killed),
        Nitrogen.of(DryMatter.poundsPerAcre(pounds), cn, figures).availableLbAc(),
        wet,
        spring.rainAfter(year, planted, 60),
        spring.rainAfter(year, killed, 30),
        spring.drawn(year, killed),
        way.feeds() && !dies.blooms(killed, year)
            ? 0
            : dies.seed(way, killed, pounds, year, at.grainSoon()),
        way.plantsGreen() ? CoverHeight.on(mat, planted).inches() : 0,
        way == ComparedMethod.GRAZED ? cowDays(killed, year) : 0,
        way.asksStage() ? dies.stage(killed, year) : null);
  }

  /** Cow-days of an acre since stock went on; none before it does. */
  private double cowDays(LocalDate off, int year) {
    if (stockOn == null) {
      LocalDate green = mat.stand().spring(outlook.site()).plusDays(figures.whole(GREEN_UP));
      stockOn = new Grazing(mat, green, at.planned()).on();
    }
    return stockOn
        .in(year)
        .map(on -> Math.max(0, off.toEpochDay() - on.toEpochDay()) * figures.of(Grazing.COWS))
        .orElse(0.0);
  }

  private LocalDate firstFit(int year, Footing ground, MachineKind kind, LocalDate from) {
    LocalDate day = from;
    for (int waited = 0; waited < LONGEST_WAIT; waited++) {
      if (spring.fit(year, ground, kind, day)) {
        return day;
      }
      day = day.plusDays(1);
    }
    return day;
  }
}
