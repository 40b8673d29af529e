package nimblefurrow.server.season;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherStrip;
import org.springframework.stereotype.Component;

/** The strip of weather above the lanes, once per outlook. */
@Component
class StripBuilder {
  private final Cache<Outlook, SeasonView.Strip> strips =
      Caffeine.newBuilder().weakKeys().maximumSize(40).build();

  SeasonView.Strip of(Outlook outlook) {
    return strips.get(outlook, o -> view(WeatherStrip.of(o)));
  }

  private static SeasonView.Strip view(WeatherStrip strip) {
    return new SeasonView.Strip(
        strip.first(),
        strip.measured(),
        strip.lowF(),
        strip.middleF(),
        strip.highF(),
        strip.rainIn(),
        strip.frostPercent());
  }
}
