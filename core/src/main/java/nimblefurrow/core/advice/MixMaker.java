package nimblefurrow.core.advice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleBinaryOperator;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.RateBuilder;
import nimblefurrow.core.seeding.SeedingMethod;

/**
 * Makes options of the species that will do: each alone, and with partners of other families, never
 * above a bully's cap. A mix serves a goal as far as its members do between them, lives by its
 * weakest chance and dies as hard as its hardest member.
 */
final class MixMaker {
  private static final FigureKey COST_COUNTS = FigureKey.of("advice", "cost_counts");
  private static final FigureKey UP_WELL = FigureKey.of("advice", "emergence_well");
  private static final FigureKey UP_COUNTS = FigureKey.of("advice", "emergence_counts");
  private static final FigureKey WINTER_COUNTS = FigureKey.of("advice", "winter_counts");
  private static final FigureKey KILL_COUNTS = FigureKey.of("advice", "kill_counts");
  private static final FigureKey CHANCE_COUNTS = FigureKey.of("advice", "chance_counts");
  private static final FigureKey PER_FAMILY = FigureKey.of("advice", "per_family");
  private static final FigureKey SIMPLER = FigureKey.of("advice", "simpler");
  private static final FigureKey SHARE_IN_MIX = FigureKey.of("advice", "share_in_mix");
  private static final FigureKey DEAREST = FigureKey.of("advice", "dearest");
  private static final FigureKey WELL = FigureKey.of("advice", "serves_well");

  private final Ask ask;
  private final SeedingMethod way;
  private final RateBuilder rates;
  private final Figures figures;

  MixMaker(Ask ask, SeedingMethod way) {
    this.ask = ask;
    this.way = way;
    this.figures = ask.rules().figures();
    this.rates = Advice.rates(ask, way);
  }

  /** Species that go together, before anything is written about them. */
  record Scored(MixMaker by, List<Fit> fits, double score) {
    /** What is sown, whichever way in. */
    List<String> species() {
      return fits.stream().map(f -> f.species().id()).toList();
    }

    /** Whether any of it comes too late to be useful in most years. */
    boolean late() {
      return fits.stream().anyMatch(Fit::late);
    }

    Option option() {
      return by.option(this);
    }
  }

  private record Sown(String id, double share) {}

  private final Map<Sown, Double> costs = new HashMap<>();

  /** The best of all that can be made of the species that will do. */
  List<Scored> scored(List<Fit> able) {
    List<Scored> scored = new ArrayList<>();
    Map<Family, List<Fit>> families = new EnumMap<>(Family.class);
    for (Fit fit : able) {
      add(scored, List.of(fit));
      families.computeIfAbsent(fit.species().family(), f -> new ArrayList<>()).add(fit);
    }
    if (ask.mostSpecies() > 1) {
      families.replaceAll((family, fits) -> best(fits));
      mixes(new ArrayList<>(families.values()), scored);
    }
    return scored.stream()
        .sorted(Comparator.comparingDouble(Scored::score).reversed())
        .limit(figures.whole(Advice.SHOWN))
        .toList();
  }

  private void add(List<Scored> scored, List<Fit> fits) {
    scored.add(new Scored(this, fits, score(fits)));
  }

  private List<Fit> best(List<Fit> fits) {
    return fits.stream()
        .filter(this::servesOneWell)
        .map(f -> new Scored(this, List.of(f), score(List.of(f))))
        .sorted(Comparator.comparingDouble(Scored::score).reversed())
        .limit(figures.whole(PER_FAMILY))
        .map(s -> s.fits().get(0))
        .toList();
  }

  /**
   * A partner is only worth its seed and its trouble when it serves at least one of the goals well,
   * and comes early enough to do so: what only brings a little cover stands alone.
   */
  private boolean servesOneWell(Fit fit) {
    return !fit.late()
        && ask.goals().keySet().stream()
            .anyMatch(g -> g.servedBy(fit.species()) >= figures.of(WELL) - 1e-9);
  }

  private void mixes(List<List<Fit>> families, List<Scored> scored) {
    for (int a = 0; a < families.size(); a++) {
      for (int b = a + 1; b < families.size(); b++) {
        for (Fit one : families.get(a)) {
          for (Fit two : families.get(b)) {
            add(scored, List.of(one, two));
            for (int c = b + 1; ask.mostSpecies() > 2 && c < families.size(); c++) {
              for (Fit three : families.get(c)) {
                add(scored, List.of(one, two, three));
              }
            }
          }
        }
      }
    }
  }

  private double served(List<Fit> fits) {
    return ask.weighed(
        goal -> {
          double missed = 1;
          for (Fit fit : fits) {
            missed *= 1 - goal.servedBy(fit.species());
          }
          return 1 - missed;
        });
  }

  /** A figure of the members taken together by {@code with}, from {@code start}. */
  private static double over(
      List<Fit> fits, double start, ToDoubleFunction<Fit> of, DoubleBinaryOperator with) {
    double taken = start;
    for (Fit fit : fits) {
      taken = with.applyAsDouble(taken, of.applyAsDouble(fit));
    }
    return taken;
  }

  /**
   * 100 × goals served × what stands in the way: chance (counts 60 %), kill (40 %), winter (50 %),
   * establishment (30 %), cost (up to 30 %), and 5 % for each further species to buy and to set.
   */
  private double score(List<Fit> fits) {
    double chance = over(fits, 1, Fit::chance, Math::min);
    double kill = over(fits, 1, Fit::kill, Math::min);
    double up = over(fits, 0, Fit::establishment, Double::sum) / fits.size();
    return 100
        * served(fits)
        * counted(chance, CHANCE_COUNTS)
        * counted(kill, KILL_COUNTS)
        * counted(over(fits, 1, Fit::survival, Math::min), WINTER_COUNTS)
        * counted(Math.min(1, up / figures.of(UP_WELL)), UP_COUNTS)
        * (1 - Math.min(figures.of(COST_COUNTS), cost(fits) / figures.of(DEAREST)))
        * Math.pow(figures.of(SIMPLER), fits.size() - 1.0);
  }

  /**
   * A share that counts only so much: 1 where it is whole, 1 less its weight where it is nothing.
   */
  private double counted(double share, FigureKey weight) {
    return 1 - figures.of(weight) * (1 - share);
  }

  private double cost(List<Fit> fits) {
    return over(
        fits,
        0,
        fit ->
            costs.computeIfAbsent(
                new Sown(fit.species().id(), share(fit.species(), fits)),
                sown -> costOf(fit.species(), sown.share())),
        Double::sum);
  }

  private double costOf(Species species, double share) {
    return rates.live(new Mix.Member(species, share)).poundsPerAcre()
        / Advice.usualLiveShare(figures)
        * species.pricePerPound();
  }

  private double share(Species species, List<Fit> fits) {
    if (fits.size() == 1) {
      return 1;
    }
    boolean slower = false;
    for (Fit fit : fits) {
      slower |= fit.species() != species && fit.species().slow();
    }
    double most =
        slower ? species.cap().orElse(figures.of(SHARE_IN_MIX)) : figures.of(SHARE_IN_MIX);
    return Math.min(figures.of(SHARE_IN_MIX), most);
  }

  private Option option(Scored scored) {
    List<Fit> fits = scored.fits();
    Mix mix =
        new Mix(
            fits.stream().map(f -> new Mix.Member(f.species(), share(f.species(), fits))).toList());
    double chance = over(fits, 1, Fit::chance, Math::min);
    LocalDate sowing = fits.stream().map(Fit::sowing).min(LocalDate::compareTo).orElseThrow();
    return new Option(
        mix,
        way,
        sowing,
        scored.score(),
        served(fits),
        chance,
        Money.of(cost(fits)),
        reasons(fits, chance));
  }

  private List<Reason> reasons(List<Fit> fits, double chance) {
    List<Reason> reasons = new ArrayList<>();
    for (Goal goal : Goal.values()) {
      if (ask.goals().containsKey(goal)) {
        List<String> good =
            fits.stream()
                .filter(f -> goal.servedBy(f.species()) >= figures.of(WELL) - 1e-9)
                .map(f -> f.species().name().toLowerCase())
                .toList();
        reasons.add(
            good.isEmpty()
                ? Reason.of("does little to {}", goal.words())
                : Reason.of("{}: {}", goal.words(), String.join(" and ", good)));
      }
    }
    reasons.add(Reason.of("in time in {} of years", Share.of(Math.min(1, chance))));
    for (Fit fit : fits) {
      fit.notes()
          .forEach(n -> reasons.add(Reason.of("{}: {}", fit.species().name().toLowerCase(), n)));
    }
    return reasons;
  }
}
