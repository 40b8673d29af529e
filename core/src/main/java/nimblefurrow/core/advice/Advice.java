package nimblefurrow.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.RateBuilder;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;

/**
 * Species and mixes for a field, best first, and why not the rest.
 *
 * @param ranked what comes in time first, then what only gives a little cover; at most {@link
 *     #figures.whole(SHOWN)} options, one per mix, by its best way in
 * @param whyNot one entry for each species that no way in suits
 */
public record Advice(List<Option> ranked, List<WhyNot> whyNot) {
  /** How many options are shown before the rest is asked for. */
  public static final FigureKey SHOWN = FigureKey.of("advice", "shown");

  /** Live share of ordinary seed, for prices before a lot is known. */
  static double usualLiveShare(Figures figures) {
    return figures.of(RateBuilder.UNKNOWN_PURITY)
        / 100
        * figures.of(RateBuilder.UNKNOWN_GERMINATION)
        / 100;
  }

  public Advice {
    ranked = List.copyOf(ranked);
    whyNot = List.copyOf(whyNot);
  }

  /**
   * Ranks everything that could be sown for what is asked, and says of every species left out at
   * which question it fell.
   *
   * @param ask the field, its goals with their weights, and what it must not do
   * @param lore what the weather alone says of each species; made once for many fields
   */
  public static Advice of(Ask ask, Catalogue catalogue, SeasonLore lore) {
    Suitability suitability = new Suitability(ask, lore);
    Map<SeedingMethod, List<Fit>> fits = new EnumMap<>(SeedingMethod.class);
    Map<Species, WhyNot> whyNot = new LinkedHashMap<>();
    for (Species species : catalogue.all()) {
      boolean any = false;
      WhyNot nearest = null;
      for (SeedingMethod way : SeedingMethod.values()) {
        if (ask.ways().contains(way)) {
          Suitability.Answer answer = suitability.of(species, way);
          answer.fit().ifPresent(f -> fits.computeIfAbsent(way, w -> new ArrayList<>()).add(f));
          any |= answer.fit().isPresent();
          nearest = nearer(nearest, answer.whyNot());
        }
      }
      if (!any) {
        whyNot.put(species, nearest);
      }
    }
    return new Advice(ranked(ask, fits), List.copyOf(whyNot.values()));
  }

  /** Of two refusals the one that came further in the order of questions. */
  private static WhyNot nearer(WhyNot one, Optional<WhyNot> other) {
    return other.filter(o -> one == null || o.kind().compareTo(one.kind()) > 0).orElse(one);
  }

  private static List<Option> ranked(Ask ask, Map<SeedingMethod, List<Fit>> fits) {
    Map<List<String>, MixMaker.Scored> best = new LinkedHashMap<>();
    fits.forEach(
        (way, able) -> {
          for (MixMaker.Scored one : new MixMaker(ask, way).scored(able)) {
            best.merge(one.species(), one, (a, b) -> a.score() >= b.score() ? a : b);
          }
        });
    return best.values().stream()
        .sorted(
            Comparator.comparing(MixMaker.Scored::late)
                .thenComparing(Comparator.comparingDouble(MixMaker.Scored::score).reversed()))
        .limit(ask.rules().figures().whole(SHOWN))
        .map(MixMaker.Scored::option)
        .toList();
  }

  static RateBuilder rates(Ask ask, SeedingMethod way) {
    Goal first =
        ask.goals().entrySet().stream()
            .max(
                Map.Entry.<Goal, Double>comparingByValue()
                    .thenComparing(Map.Entry.comparingByKey()))
            .orElseThrow()
            .getKey();
    return new RateBuilder(
        way, first, ask.termination() == TerminationMethod.ROLL, 0, ask.rules(), ask.soil());
  }
}
