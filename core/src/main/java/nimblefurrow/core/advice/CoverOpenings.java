package nimblefurrow.core.advice;

import static nimblefurrow.core.cashcrop.CropStage.HARVEST;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.seeding.CoverSpring;
import nimblefurrow.core.seeding.LastUseful;
import nimblefurrow.core.weather.Dormancy;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/** What each crop of a chain leaves for a cover, and what a small grain in its place would open. */
public final class CoverOpenings {

  /**
   * The opening after a crop.
   *
   * @param heatLow °F-days base 40 from harvest to dormancy: 10, 50 and 90 % of years
   * @param useful species with a chance of 80 % to become useful when drilled the day after harvest
   * @param possible species with 50 to 80 %
   */
  public record Opening(
      CropKind crop,
      DateForecast harvest,
      double heatLow,
      double heatMiddle,
      double heatHigh,
      List<Species> useful,
      List<Species> possible) {}

  /** An opening, and the one that oats or wheat in the same year would leave. */
  public record Compared(Opening opening, Opening smallGrain, List<Species> gained) {}

  private final Catalogue catalogue;
  private final SeasonLore lore;
  private final Outlook outlook;

  /** Openings of a year for the species of a catalogue. */
  public CoverOpenings(Catalogue catalogue, SeasonLore lore) {
    this.catalogue = catalogue;
    this.lore = lore;
    this.outlook = lore.outlook();
  }

  /** The opening after a crop, compared with a small grain planted that spring. */
  public Compared after(CropPlanting crop) {
    Opening opening = opening(CropCalendar.of(crop, outlook));
    int year = opening.harvest().median().map(LocalDate::getYear).orElse(crop.planted().getYear());
    CropPlanting oats =
        new CropPlanting(
            CropKind.OATS, outlook.site().season(year, 3, 28), 0, 0, Map.of(), List.of());
    Opening grain = opening(CropCalendar.of(oats, outlook));
    List<Species> gained = new ArrayList<>(grain.useful());
    gained.removeAll(opening.useful());
    return new Compared(opening, grain, gained);
  }

  private Opening opening(CropCalendar calendar) {
    Ensemble<LocalDate> harvest = calendar.each(HARVEST);
    DateForecast when = DateForecast.of(harvest);
    if (when.median().isEmpty()) {
      return new Opening(calendar.planting().kind(), when, 0, 0, 0, List.of(), List.of());
    }
    LocalDate spring = CoverSpring.after(calendar, outlook.site(), outlook.figures());
    Ensemble<Double> heat =
        Ensemble.of(
            harvest.years(),
            i -> {
              WeatherTrace trace = outlook.traces().get(i);
              LocalDate dormant =
                  Dormancy.in(trace, outlook.site(), spring, outlook.figures()).date();
              return harvest
                  .in(i)
                  .map(off -> trace.degreeDays(HeatBase.BASE_40, off, dormant))
                  .orElse(0.0);
            });
    Spread left = Spread.of(heat);
    List<Species> useful = new ArrayList<>();
    List<Species> possible = new ArrayList<>();
    for (Species species : catalogue.all()) {
      double chance =
          harvest
              .chance(
                  lore.lastUseful(species, false, spring, Optional.empty()),
                  (off, last) -> !off.isAfter(last))
              .fraction();
      if (chance >= outlook.figures().of(LastUseful.USEFUL) - 1e-9) {
        useful.add(species);
      } else if (chance >= outlook.figures().of(LastUseful.POSSIBLE) - 1e-9) {
        possible.add(species);
      }
    }
    return new Opening(
        calendar.planting().kind(), when, left.low(), left.middle(), left.high(), useful, possible);
  }
}
