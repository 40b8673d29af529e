package nimblefurrow.server.flight;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.UUID;

/**
 * What was asked of a flight, as its row keeps it.
 *
 * @param v how it is written down: 1; null in rows from before there was a number, which are the
 *     same
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record StoredAsked(
    Integer v,
    UUID fieldId,
    UUID machineId,
    int pass,
    Double bearing,
    double marginFt,
    Double homeLongitude,
    Double homeLatitude) {
  static StoredAsked of(FlightDesk.Asked a) {
    return new StoredAsked(
        1,
        a.fieldId(),
        a.machineId(),
        a.pass(),
        a.bearing(),
        a.marginFt(),
        a.homeLongitude(),
        a.homeLatitude());
  }

  FlightDesk.Asked asked() {
    return new FlightDesk.Asked(
        fieldId, machineId, pass, bearing, marginFt, homeLongitude, homeLatitude);
  }
}
