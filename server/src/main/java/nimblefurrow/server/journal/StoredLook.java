package nimblefurrow.server.journal;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Spot;

/** What was seen, as an entry's row keeps it. */
@RecordBuilder
@JsonIgnoreProperties(ignoreUnknown = true)
record StoredLook(
    List<Integer> plants,
    Double squareFeet,
    Double stemsPerPlant,
    Integer alive,
    Integer looked,
    List<StoredSpot> spots,
    List<Double> readings,
    String pest,
    String feel,
    Boolean photo,
    Boolean tested) {
  /** A place. */
  record StoredSpot(Double longitude, Double latitude, UUID zone, Integer stems, Integer past) {
    static StoredSpot of(Spot spot) {
      return new StoredSpot(
          spot.longitude().orElse(null),
          spot.latitude().orElse(null),
          spot.zone().orElse(null),
          spot.stems().orElse(null),
          spot.past().orElse(null));
    }

    Spot spot() {
      return new Spot(
          Optional.ofNullable(longitude),
          Optional.ofNullable(latitude),
          Optional.ofNullable(zone),
          Optional.ofNullable(stems),
          Optional.ofNullable(past));
    }
  }

  /** Readings by spot, to which their kind adds what it has besides. */
  static StoredLookBuilder of(Readings readings) {
    return StoredLookBuilder.builder().readings(readings.bySpot()).spots(kept(readings.where()));
  }

  static List<StoredSpot> kept(List<Spot> where) {
    return where.isEmpty() ? null : where.stream().map(StoredSpot::of).toList();
  }

  List<Spot> where() {
    return spots == null ? List.of() : spots.stream().map(StoredSpot::spot).toList();
  }

  Readings read() {
    return new Readings(readings, where());
  }
}
