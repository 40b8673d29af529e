package nimblefurrow.server.journal;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Spot;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.server.platform.web.Maybe;

/**
 * A spot.
 *
 * @param zone that it lies in; null where the field has none, or nobody said
 */
public record SpotForm(
    @Maybe Double longitude,
    @Maybe Double latitude,
    @Maybe UUID zone,
    @Maybe Integer stems,
    @Maybe Integer past) {

  static Readings readings(String what, List<Double> readings, List<SpotForm> where) {
    return new Readings(Limits.given(what, readings), spots(where));
  }

  static List<Spot> spots(List<SpotForm> where) {
    return where == null ? List.of() : where.stream().map(SpotForm::spot).toList();
  }

  static List<SpotForm> of(List<Spot> where) {
    return where.isEmpty()
        ? null
        : where.stream()
            .map(
                s ->
                    new SpotForm(
                        s.longitude().orElse(null),
                        s.latitude().orElse(null),
                        s.zone().orElse(null),
                        s.stems().orElse(null),
                        s.past().orElse(null)))
            .toList();
  }

  private Spot spot() {
    return new Spot(
        Optional.ofNullable(longitude),
        Optional.ofNullable(latitude),
        Optional.ofNullable(zone),
        Optional.ofNullable(stems),
        Optional.ofNullable(past));
  }
}
