package nimblefurrow.server.placement;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.part.KeptPart;
import nimblefurrow.server.placement.Places.Place;
import org.jspecify.annotations.Nullable;

/**
 * How things stand before or after an act, as rows keep it: where the jobs that it touches stand,
 * which parts are split off, and which are not.
 */
record PlacesKept(List<Place> places, List<KeptPart> split, List<UUID> whole) {
  PlacesKept(
      @Nullable List<Place> places, @Nullable List<KeptPart> split, @Nullable List<UUID> whole) {
    this.places = places == null ? List.of() : List.copyOf(places);
    // Acts that were kept before jobs could be split say nothing of parts.
    this.split = split == null ? List.of() : List.copyOf(split);
    this.whole = whole == null ? List.of() : List.copyOf(whole);
  }

  static PlacesKept of(List<Place> places) {
    return new PlacesKept(places, List.of(), List.of());
  }
}
