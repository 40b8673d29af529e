package nimblefurrow.core.advice;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.Winter;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.seeding.LastUseful;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * What the weather alone says of each species, the same for every field of a farm: worked out once
 * and kept while an outlook lasts. Safe to share between threads.
 */
public final class SeasonLore {
  private static final FigureKey WARMTH_DAYS = FigureKey.of("advice", "warmth_days");

  /** One and the same species object; its figures are many and slow to compare. */
  private record Same(Species species) {
    @Override
    public boolean equals(Object other) {
      return other instanceof Same same && same.species == species;
    }

    @Override
    public int hashCode() {
      return System.identityHashCode(species);
    }
  }

  private record Asked(
      Same species, boolean rollOnly, LocalDate spring, Optional<LocalDate> clears) {}

  private record Sown(Same species, LocalDate about) {}

  private final Outlook outlook;
  private final Map<Asked, Ensemble<LocalDate>> last = new ConcurrentHashMap<>();
  private final Map<Asked, Ensemble<LocalDate>> little = new ConcurrentHashMap<>();
  private final Map<Sown, Double> winterKill = new ConcurrentHashMap<>();
  private final Map<LocalDate, Double> warmth = new ConcurrentHashMap<>();

  /**
   * What an outlook says of species; each is worked out when it is first asked for and then
   * remembered.
   */
  public SeasonLore(Outlook outlook) {
    this.outlook = outlook;
  }

  /** The weather that it speaks of. */
  public Outlook outlook() {
    return outlook;
  }

  /** The last day that leaves a useful cover, in each climate year. */
  Ensemble<LocalDate> lastUseful(
      Species species, boolean rollOnly, LocalDate spring, Optional<LocalDate> clears) {
    return last.computeIfAbsent(
        new Asked(new Same(species), rollOnly, spring, clears),
        a -> LastUseful.of(species, rollOnly, outlook, spring, clears).days());
  }

  /** The last day that still leaves a little cover; for rye, that lets it just survive. */
  Ensemble<LocalDate> lastLittle(Species species, LocalDate spring, Optional<LocalDate> clears) {
    return little.computeIfAbsent(
        new Asked(new Same(species), false, spring, clears),
        a -> LastUseful.living(species, outlook, spring, clears).days());
  }

  /**
   * Chance that the winter ends a species sown about a day, 0–1; days are taken by thirds of
   * months.
   */
  double winterKill(Species species, LocalDate seeded) {
    LocalDate about =
        seeded.withDayOfMonth(1 + Math.min(2, (seeded.getDayOfMonth() - 1) / 10) * 10);
    return winterKill.computeIfAbsent(
        new Sown(new Same(species), about),
        s -> Winter.killChance(species, outlook, about).fraction());
  }

  /** Mean temperature of the ten days up to a day over all years, °F: stands for the topsoil's. */
  double warmth(LocalDate day) {
    return warmth.computeIfAbsent(day, this::meanWarmth);
  }

  private double meanWarmth(LocalDate day) {
    int days = outlook.figures().whole(WARMTH_DAYS);
    double sum = 0;
    for (WeatherTrace trace : outlook.traces()) {
      for (int i = 0; i < days; i++) {
        sum += trace.on(day.minusDays(i)).meanF();
      }
    }
    return sum / outlook.traces().size() / days;
  }
}
