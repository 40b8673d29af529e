package nimblefurrow.server.journal;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.journal.Readings;
import nimblefurrow.core.journal.Spot;

/** What was seen, as an entry's row keeps it. */
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

  static StoredLook places(List<Spot> where) {
    return new StoredLook(null, null, null, null, null, kept(where), null, null, null, null, null);
  }

  static StoredLook of(Readings readings) {
    return new StoredLook(
        null,
        null,
        null,
        null,
        null,
        kept(readings.where()),
        readings.bySpot(),
        null,
        null,
        null,
        null);
  }

  StoredLook of(String pest) {
    return new StoredLook(
        plants,
        squareFeet,
        stemsPerPlant,
        alive,
        looked,
        spots,
        readings,
        pest,
        feel,
        photo,
        tested);
  }

  StoredLook from(Boolean photo, Boolean tested) {
    return new StoredLook(
        plants,
        squareFeet,
        stemsPerPlant,
        alive,
        looked,
        spots,
        readings,
        pest,
        feel,
        photo,
        tested);
  }

  static StoredLook felt(String feel) {
    return new StoredLook(null, null, null, null, null, null, null, null, feel, null, null);
  }

  static StoredLook alive(int alive, int looked) {
    return new StoredLook(null, null, null, alive, looked, null, null, null, null, null, null);
  }

  static StoredLook plants(
      List<Integer> plants, double squareFeet, Double stemsPerPlant, List<Spot> where) {
    return new StoredLook(
        plants, squareFeet, stemsPerPlant, null, null, kept(where), null, null, null, null, null);
  }

  private static List<StoredSpot> kept(List<Spot> where) {
    return where.isEmpty() ? null : where.stream().map(StoredSpot::of).toList();
  }

  List<Spot> where() {
    return spots == null ? List.of() : spots.stream().map(StoredSpot::spot).toList();
  }

  Readings read() {
    return new Readings(readings, where());
  }
}
