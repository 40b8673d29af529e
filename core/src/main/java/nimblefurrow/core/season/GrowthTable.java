package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.MatBelief;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.Residue;
import nimblefurrow.core.cover.Suppression;
import nimblefurrow.core.cover.WeedClass;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.weather.Outlook;

/**
 * A cover's growth week by week until it is ended, and its mat week by week after: what stands, how
 * tall and how closed, its carbon to nitrogen, what it holds of nitrogen and gives or takes, and
 * how it holds weeds down. What was counted and clipped is in it; {@code before} says what the
 * figures alone would have told.
 *
 * @param ends the day that it is or would be ended on
 * @param living rows of the living cover
 * @param dead rows of the mat
 * @param nitrogen of the mat on the day it ends
 * @param halfLeft the day on which half of the mat is gone; empty beyond the weather told
 */
public record GrowthTable(
    LocalDate ends,
    List<Living> living,
    List<Dead> dead,
    Nitrogen nitrogen,
    Optional<LocalDate> halfLeft) {
  private static final FigureKey SHOWN = FigureKey.of("season", "mat_shown");
  private static final FigureKey RELEASE = FigureKey.of("cover", "release_weeks");
  private static final int WEEK = 7;

  /**
   * A day of the living cover.
   *
   * @param mat what stands, lb/ac dry
   * @param before the same without what was seen in the field; empty where nothing was
   * @param heightIn about how tall, in
   * @param groundCover share of the ground covered, 0–1
   * @param weedsDown share of winter weeds kept down, 0–1
   */
  public record Living(
      LocalDate date,
      Spread mat,
      Optional<Spread> before,
      double heightIn,
      double groundCover,
      double carbonToNitrogen,
      double nitrogenLbAc,
      double weedsDown) {}

  /**
   * A day of the dead mat.
   *
   * @param weeks since it died
   * @param mat what is left, lb/ac dry
   * @param weedsDown share of weeds kept down, 0–1
   * @param releasedLbAc nitrogen given to a crop so far; below 0 tied up
   */
  public record Dead(
      LocalDate date, int weeks, double mat, double weedsDown, double releasedLbAc) {}

  /** Of a field with a cover whose growth can be told; empty elsewhere. */
  public static Optional<GrowthTable> of(FieldSeason season) {
    Optional<CoverPlan> plan = season.field().cover();
    if (plan.isEmpty() || season.mat().isEmpty() || season.ridge().isEmpty()) {
      return Optional.empty();
    }
    MatForecast mat = season.mat().get();
    LocalDate ends =
        Optional.ofNullable(plan.get().ended())
            .or(() -> season.termination().flatMap(TerminationOutlook::aim))
            .orElseGet(() -> lastAlive(season));
    Optional<MatForecast> before =
        plan.get().seen().equals(CoverSeen.NOTHING)
            ? Optional.empty()
            : Optional.of(
                new MatForecast(
                    mat.stand().with(new CoverSeen(Map.of(), MatBelief.UNSEEN, Map.of())),
                    mat.outlook()));
    List<Living> living = new ArrayList<>();
    for (LocalDate day = mat.stand().seeded(); day.isBefore(ends); day = day.plusDays(WEEK)) {
      living.add(living(mat, before, day));
    }
    living.add(living(mat, before, ends));
    Nitrogen nitrogen = Nitrogen.of(mat, ends);
    return Optional.of(
        new GrowthTable(
            ends,
            living,
            dead(mat, ends, nitrogen, season.field().facts().weeds().kind()),
            nitrogen,
            half(mat.outlook(), nitrogen.carbonToNitrogen(), ends)));
  }

  private static LocalDate lastAlive(FieldSeason season) {
    return season.ridge().stream()
        .filter(RidgePoint::alive)
        .reduce((a, b) -> b)
        .map(RidgePoint::date)
        .orElseThrow();
  }

  private static Living living(MatForecast mat, Optional<MatForecast> before, LocalDate day) {
    Spread weight = mat.on(day);
    Figures figures = mat.outlook().figures();
    double carbon = Nitrogen.carbonOfMix(mat, day);
    double middle = Math.max(0, weight.middle());
    return new Living(
        day,
        weight,
        before.map(b -> b.on(day)),
        CoverHeight.on(mat, day).inches(),
        mat.groundCoverOn(day),
        carbon,
        Nitrogen.of(DryMatter.poundsPerAcre(middle), carbon, figures).contentLbAc(),
        Suppression.living(middle, figures));
  }

  private static List<Dead> dead(
      MatForecast mat, LocalDate ends, Nitrogen nitrogen, WeedClass weeds) {
    Outlook outlook = mat.outlook();
    Figures figures = outlook.figures();
    double whole = mat.on(ends).middle();
    double carbon = nitrogen.carbonToNitrogen();
    double season = 1 - Residue.left(figures, carbon, figures.of(RELEASE));
    List<Dead> rows = new ArrayList<>();
    int shown = figures.whole(SHOWN);
    for (int days = 0; days <= shown; days += WEEK) {
      LocalDate day = ends.plusDays(days);
      if (day.isAfter(outlook.last())) {
        break;
      }
      double left = Residue.left(outlook, carbon, ends, day);
      double gone = Math.min(1, (1 - left) / season);
      rows.add(
          new Dead(
              day,
              days / WEEK,
              whole * left,
              Suppression.dead(whole * left, weeds, figures),
              nitrogen.availableLbAc() * gone));
    }
    return rows;
  }

  private static Optional<LocalDate> half(Outlook outlook, double carbon, LocalDate ends) {
    LocalDate day = ends;
    while (!day.isAfter(outlook.last())) {
      if (Residue.left(outlook, carbon, ends, day) <= 0.5) {
        return Optional.of(day);
      }
      day = day.plusDays(WEEK);
    }
    return Optional.empty();
  }
}
