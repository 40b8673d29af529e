package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/** One crop's stages, a date per climate year each; stages it never has are absent. */
public final class CropCalendar {
  private final CropPlanting planting;
  private final List<Map<CropStage, LocalDate>> perYear;
  private final Map<CropStage, DateForecast> forecasts = new EnumMap<>(CropStage.class);
  private final int frosted;

  private CropCalendar(
      CropPlanting planting, List<Map<CropStage, LocalDate>> perYear, int frosted) {
    this.planting = planting;
    this.perYear = perYear;
    this.frosted = frosted;
    for (CropStage stage : CropStage.values()) {
      if (perYear.stream().anyMatch(m -> m.containsKey(stage))) {
        forecasts.put(stage, DateForecast.of(each(stage)));
      }
    }
  }

  /** Works out the calendar of a planting over every way the season may still run. */
  public static CropCalendar of(CropPlanting planting, Outlook outlook) {
    List<Map<CropStage, LocalDate>> perYear = new ArrayList<>();
    int frosted = 0;
    for (WeatherTrace trace : outlook.traces()) {
      StageWalk walk = new StageWalk(planting, trace, outlook.site(), outlook.figures());
      perYear.add(walk.stages());
      frosted += walk.frostedBeforeMaturity() ? 1 : 0;
    }
    return new CropCalendar(planting, perYear, frosted);
  }

  /** What was planted, with what was seen of it. */
  public CropPlanting planting() {
    return planting;
  }

  /** When a stage comes; years in which it does not are "not reached". */
  public DateForecast when(CropStage stage) {
    return forecasts.getOrDefault(stage, DateForecast.never(perYear.size()));
  }

  /** The stage's date in each climate year. */
  public Ensemble<LocalDate> each(CropStage stage) {
    return Ensemble.of(perYear.size(), i -> perYear.get(i).get(stage));
  }

  /** Whether the crop has such a stage at all; soybeans do not silk. */
  public boolean has(CropStage stage) {
    return forecasts.containsKey(stage);
  }

  /** Chance that frost ends the crop before it is mature. */
  public Share frostBeforeMaturity() {
    return Share.of((double) frosted / perYear.size());
  }

  /** The stages it has, with their forecasts, in the order they come. */
  public Map<CropStage, DateForecast> all() {
    return Collections.unmodifiableMap(forecasts);
  }
}
