package nimblefurrow.server.journal;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.server.platform.Codes;

/** What was seen, as an entry's row keeps it. */
@JsonIgnoreProperties(ignoreUnknown = true)
record StoredLook(
    List<Integer> plants,
    Double squareFeet,
    Double stemsPerPlant,
    Integer alive,
    Integer looked,
    List<Spot> spots,
    List<Double> readings,
    String pest,
    String feel,
    Boolean photo,
    Boolean tested) {
  record Spot(Double longitude, Double latitude, UUID zone, Integer stems, Integer past) {}

  static StoredLook of(Look look) {
    return look == null
        ? null
        : new StoredLook(
            look.plants(),
            look.squareFeet(),
            look.stemsPerPlant(),
            look.alive(),
            look.looked(),
            look.spots() == null
                ? null
                : look.spots().stream()
                    .map(s -> new Spot(s.longitude(), s.latitude(), s.zone(), s.stems(), s.past()))
                    .toList(),
            look.readings(),
            Codes.kept(look.pest()),
            Codes.kept(look.feel()),
            look.photo(),
            look.tested());
  }

  Look look() {
    return new Look(
        plants,
        squareFeet,
        stemsPerPlant,
        alive,
        looked,
        spots == null
            ? null
            : spots.stream()
                .map(s -> new Look.Spot(s.longitude(), s.latitude(), s.zone(), s.stems(), s.past()))
                .toList(),
        readings,
        Codes.read(Pest.class, pest),
        Codes.read(SoilFeel.class, feel),
        photo,
        tested);
  }
}
