package nimblefurrow.server.season;

import java.time.LocalDate;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.weather.FarmWeather;

/** A farm on its day: its own words and figures, its weather and the species it may sow. */
public record FarmDay(FarmView farm, FarmWeather weather, Catalogue catalogue) {
  public UnitSystem units() {
    return farm.units();
  }

  public Figures figures() {
    return farm.rules().figures();
  }

  public LocalDate today() {
    return weather.today();
  }

  public Outlook outlook() {
    return weather.outlook();
  }

  public SeasonComposer composer() {
    return new SeasonComposer(weather.outlook(), farm.rules(), weather.fit());
  }
}
