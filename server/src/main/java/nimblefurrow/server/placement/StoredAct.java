package nimblefurrow.server.placement;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.part.StoredPart;
import nimblefurrow.server.placement.StoredPlaces.Place;
import nimblefurrow.server.platform.codes.Stored;
import org.jspecify.annotations.Nullable;

/**
 * How things stand before or after an act, as rows keep it: where the jobs that it touches stand,
 * which parts are split off, and which are not.
 */
record StoredAct(List<Place> places, List<StoredPart> split, List<UUID> whole) implements Stored {
  StoredAct(
      @Nullable List<Place> places, @Nullable List<StoredPart> split, @Nullable List<UUID> whole) {
    this.places = places == null ? List.of() : List.copyOf(places);
    // Acts that were kept before jobs could be split say nothing of parts.
    this.split = split == null ? List.of() : List.copyOf(split);
    this.whole = whole == null ? List.of() : List.copyOf(whole);
  }

  static StoredAct of(List<Place> places) {
    return new StoredAct(places, List.of(), List.of());
  }
}
