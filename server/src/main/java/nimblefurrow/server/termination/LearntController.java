package nimblefurrow.server.termination;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.scouting.KillRating;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.kill.LearntKill;
import nimblefurrow.core.termination.method.ExpectedKill;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the farm's own kill ratings say of the figures for the roller and the spray. */
@RestController
@RequestMapping("/api/v1/termination/learnt")
class LearntController {
  /**
   * What was learnt.
   *
   * @param ratings how many were judged for good; 0 where none was
   * @param expected mean of what was expected of them, {@code seen} mean of what was dead, in %
   * @param instead what the same expectation becomes when the ratings are taken over, in %
   * @param sheet and {@code row}: the figure that takes it over, {@code value} what it would be
   * @param taken what it is now
   */
  record LearntView(
      LearntKill.By by,
      int ratings,
      @Maybe Integer expected,
      @Maybe Integer seen,
      @Maybe Integer instead,
      String sheet,
      String row,
      double value,
      double taken) {}

  private final Seasons seasons;
  private final CurrentFarm current;

  LearntController(Seasons seasons, CurrentFarm current) {
    this.seasons = seasons;
    this.current = current;
  }

  @GetMapping
  List<LearntView> learnt() {
    FarmSeason farm = seasons.needed(current.id());
    Figures figures = farm.day().figures();
    Map<LearntKill.By, List<LearntKill.Rated>> rated = new EnumMap<>(LearntKill.By.class);
    for (FieldSeasons field : farm.fields()) {
      field.cover().ifPresent(link -> add(rated, link.id(), field.now(), field.entries(), figures));
      for (FieldSeasons.Past past : field.earlier()) {
        if (past.cover() != null) {
          add(rated, past.cover().id(), past.season(), field.entries(), figures);
        }
      }
    }
    return Stream.of(LearntKill.By.values())
        .map(by -> view(by, rated.getOrDefault(by, List.of()), figures))
        .toList();
  }

  private static void add(
      Map<LearntKill.By, List<LearntKill.Rated>> rated,
      UUID cover,
      FieldSeason season,
      List<Entry> entries,
      Figures figures) {
    CoverPlan plan = season.field().cover().orElse(null);
    if (plan == null || plan.ended() == null || season.mat().isEmpty()) {
      return;
    }
    Optional<LearntKill.By> by = LearntKill.By.of(plan.termination());
    Optional<Double> expected =
        ExpectedKill.day(season.mat().get(), plan.termination(), plan.ended());
    Optional<Double> seen =
        Story.of(entries).of(cover).all(KillRated.class).stream()
            .filter(rating -> KillRating.judged(plan.ended(), rating.day(), figures))
            .reduce((a, b) -> b)
            .map(rating -> rating.fact().dead());
    if (by.isPresent() && expected.isPresent() && seen.isPresent()) {
      rated
          .computeIfAbsent(by.get(), b -> new ArrayList<>())
          .add(new LearntKill.Rated(expected.get(), seen.get()));
    }
  }

  private static LearntView view(LearntKill.By by, List<LearntKill.Rated> rated, Figures figures) {
    double taken = figures.of(by.taken());
    LearntKill learnt = LearntKill.of(rated, taken, figures);
    OptionalDouble expected = LearntKill.mean(rated, LearntKill.Rated::expected);
    OptionalDouble seen = LearntKill.mean(rated, LearntKill.Rated::seen);
    return new LearntView(
        by,
        learnt.ratings(),
        percent(expected),
        percent(seen),
        percent(
            expected.isEmpty()
                ? expected
                : OptionalDouble.of(
                    LearntKill.moved(expected.getAsDouble(), learnt.shift() - taken))),
        by.taken().sheet(),
        by.taken().name(),
        Math.round(100 * learnt.shift()) / 100.0,
        taken);
  }

  private static Integer percent(OptionalDouble share) {
    return share.isEmpty() ? null : Percent.of(share.getAsDouble());
  }
}
