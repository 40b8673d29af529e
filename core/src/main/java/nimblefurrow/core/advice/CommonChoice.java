package nimblefurrow.core.advice;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.seeding.SeedingMethod;

/**
 * What ranks first on most of several fields, and why another field takes something else. Example:
 * cereal rye with the drill on 18 of 22 fields; on Orchard Organic hairy vetch comes first, since
 * there rye serves the goal less. Not a plan: each field keeps its own ranking.
 *
 * @param fields on how many fields it ranks first
 */
public record CommonChoice(Mix mix, SeedingMethod way, int fields) {

  /** What ranks first on most fields; the first of equals; empty where nothing fits anywhere. */
  public static Optional<CommonChoice> of(List<Advice> all) {
    Map<CommonChoice, Integer> firsts = new LinkedHashMap<>();
    for (Advice advice : all) {
      first(advice)
          .ifPresent(o -> firsts.merge(new CommonChoice(o.mix(), o.way(), 0), 1, Integer::sum));
    }
    return firsts.entrySet().stream()
        .reduce((best, other) -> other.getValue() > best.getValue() ? other : best)
        .map(e -> new CommonChoice(e.getKey().mix(), e.getKey().way(), e.getValue()));
  }

  private static Optional<Option> first(Advice advice) {
    return advice.ranked().stream().findFirst();
  }

  private boolean is(Option option) {
    return option.mix().equals(mix) && option.way() == way;
  }

  /** Why a field takes something else; empty where this ranks first there too. */
  public Optional<Reason> whyNotIn(Advice advice) {
    Optional<Option> first = first(advice);
    if (first.filter(this::is).isPresent()) {
      return Optional.empty();
    }
    Optional<Reason> ruledOut =
        advice.whyNot().stream()
            .filter(w -> mix.members().stream().anyMatch(m -> m.species().equals(w.species())))
            .map(
                w ->
                    Reason.of(
                        w.species().name() + ": " + w.reason().text(),
                        w.reason().figures().toArray()))
            .findFirst();
    return ruledOut.or(
        () ->
            advice.ranked().stream()
                .filter(this::is)
                .findFirst()
                .map(
                    o ->
                        Reason.of(
                            mix.name() + " ranks lower here: {} in time, serves {}",
                            Share.of(o.chance()),
                            Share.of(o.served())))
                .or(
                    () ->
                        Optional.of(
                            Reason.of(mix.name() + ", " + way.words() + ", does not fit here"))));
  }
}
