package nimblefurrow.server.advice;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import nimblefurrow.core.advice.SeasonLore;
import nimblefurrow.core.weather.Outlook;
import org.springframework.stereotype.Component;

/** What the weather says of each species, kept as long as its outlook is the one in use. */
@Component
class Lores {
  // Worked out from its key alone: a shortcut, not a state.
  private final Cache<Outlook, SeasonLore> lores =
      Caffeine.newBuilder().weakKeys().maximumSize(40).build();

  SeasonLore of(Outlook outlook) {
    return lores.get(outlook, SeasonLore::new);
  }
}
