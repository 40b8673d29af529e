package nimblefurrow.server.advice;

import nimblefurrow.core.advice.SeasonLore;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.weather.KeptWithOutlook;
import nimblefurrow.server.weather.Weathers;
import org.springframework.stereotype.Component;

/** What the weather says of each species, kept as long as its outlook. */
@Component
class Lores {
  /** There is one for an outlook; it holds no more than some days for each species and year. */
  private static final int BYTES = 600_000;

  private static final double SHARE = 0.03;

  private final KeptWithOutlook<Boolean, SeasonLore> lores;

  Lores(Weathers weathers) {
    this.lores = weathers.keeping(SHARE, (all, lore) -> BYTES);
  }

  SeasonLore of(FarmDay farm) {
    return lores.get(farm.weather().name(), true, all -> new SeasonLore(farm.outlook()));
  }
}
