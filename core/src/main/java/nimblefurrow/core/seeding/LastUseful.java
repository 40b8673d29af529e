package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.cover.Life;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.weather.Dormancy;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * How late a species can be sown for a useful cover: in each way the season may run, the last day
 * that still leaves its heat before dormancy, for legumes and brassicas also 35 days before the
 * first 26 °F night. Useful is the last day with a chance of 80 %, possible with 50 %.
 */
public final class LastUseful {
  /** Chance with which a sowing must still become a useful cover on its last day. */
  public static final FigureKey USEFUL = FigureKey.of("seeding", "useful_chance");

  /** Chance with which it must still live on its last possible day. */
  public static final FigureKey POSSIBLE = FigureKey.of("seeding", "possible_chance");

  private static final FigureKey HARD_FREEZE_F = FigureKey.of("seeding", "hard_freeze");

  /** From here on nights are looked at, before the spring that follows. */
  private static final int SUMMER_MONTHS = 5;

  /** Less heat than useful, but enough to come up and give a little fall cover, °F-days. */
  public static final FigureKey LITTLE_COVER = FigureKey.of("seeding", "little_cover");

  private final Ensemble<LocalDate> perYear;
  private final Figures figures;

  private LastUseful(Ensemble<LocalDate> perYear, Figures figures) {
    this.figures = figures;
    this.perYear = perYear;
  }

  /**
   * @param spring the spring that follows, see {@link
   *     nimblefurrow.core.weather.Site#springStart(LocalDate)}
   * @param rollOnly rye to be killed by the roller alone needs more fall growth
   */
  public static LastUseful of(
      Species species, boolean rollOnly, Outlook outlook, LocalDate spring) {
    return of(species, rollOnly, outlook, spring, Optional.empty());
  }

  /**
   * @param clears the day on which the cover makes room for another; its heat counts up to that day
   *     when dormancy comes later
   */
  public static LastUseful of(
      Species species,
      boolean rollOnly,
      Outlook outlook,
      LocalDate spring,
      Optional<LocalDate> clears) {
    Heat heat = rollOnly ? species.rollOnly().orElse(species.useful()) : species.useful();
    return leaving(species, heat, outlook, spring, clears);
  }

  /** The last days that leave a given heat. */
  public static LastUseful leaving(
      Species species, Heat heat, Outlook outlook, LocalDate spring, Optional<LocalDate> clears) {
    return new LastUseful(
        outlook.each(t -> in(t, species, heat, outlook, spring, clears)), outlook.figures());
  }

  /** The last day of each climate year; not reached where none is left. */
  public Ensemble<LocalDate> days() {
    return perYear;
  }

  /** The last day on which rye still just survives: its heat counts to the turn of the year. */
  public static Optional<LastUseful> surviving(Species species, Outlook outlook, LocalDate spring) {
    return species
        .survives()
        .map(
            heat ->
                new LastUseful(
                    outlook.each(t -> t.lastDayLeaving(spring.minusDays(1), heat)),
                    outlook.figures()));
  }

  /**
   * The last day from which a species still lives: rye that just survives, others a little fall
   * cover.
   */
  public static LastUseful living(
      Species species, Outlook outlook, LocalDate spring, Optional<LocalDate> clears) {
    Optional<LastUseful> survives =
        clears.isPresent() ? Optional.empty() : surviving(species, outlook, spring);
    Heat little =
        Heat.of(
            Math.min(outlook.figures().of(LITTLE_COVER), species.useful().degreeDays()),
            species.useful().base());
    return survives.orElseGet(() -> leaving(species, little, outlook, spring, clears));
  }

  private static LocalDate in(
      WeatherTrace trace,
      Species species,
      Heat heat,
      Outlook outlook,
      LocalDate spring,
      Optional<LocalDate> clears) {
    LocalDate dormant = Dormancy.in(trace, outlook.site(), spring, outlook.figures()).date();
    LocalDate grows =
        species.life() == Life.WARM ? killed(species, trace, spring, dormant) : dormant;
    LocalDate end = clears.filter(grows::isAfter).orElse(grows);
    LocalDate byHeat = trace.lastDayLeaving(end, heat);
    if (byHeat == null || species.frostDays().isEmpty()) {
      return byHeat;
    }
    LocalDate freeze =
        trace.firstNightAtOrBelow(
            outlook.figures().of(HARD_FREEZE_F), spring.minusMonths(SUMMER_MONTHS), spring);
    if (freeze == null) {
      return byHeat;
    }
    LocalDate byFreeze = freeze.minusDays(species.frostDays().get());
    return byFreeze.isBefore(byHeat) ? byFreeze : byHeat;
  }

  /** A warm species gathers heat to its killing frost where that comes before dormancy. */
  private static LocalDate killed(
      Species species, WeatherTrace trace, LocalDate spring, LocalDate dormant) {
    LocalDate frost =
        trace.firstNightAtOrBelow(species.coldF(), spring.minusMonths(SUMMER_MONTHS), dormant);
    return frost == null ? dormant : frost;
  }

  /** The last day in each climate year. */
  public DateForecast forecast() {
    return DateForecast.of(perYear);
  }

  /** The last day that still makes a useful cover often enough; empty where none does. */
  public Optional<LocalDate> useful() {
    return forecast().lastDayWithChance(figures.of(USEFUL));
  }

  /** The last day on which it may still live; empty where none is. */
  public Optional<LocalDate> possible() {
    return forecast().lastDayWithChance(figures.of(POSSIBLE));
  }
}
