package nimblefurrow.server.journal;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.List;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.termination.Route;
import nimblefurrow.server.platform.Codes;

/**
 * An entry's figures as its row keeps them; written once, never again.
 *
 * @param v how it is written down: 1; null in rows from before there was a number, which are the
 *     same
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record StoredEntry(
    Integer v,
    String operation,
    String route,
    String stage,
    String species,
    Integer spots,
    Integer stems,
    Integer past,
    Double frameSquareFeet,
    List<Double> dryGrams,
    Double yieldPerAcre,
    StoredLook look,
    Double eye,
    Weather weather) {
  record Weather(double maxF, double minF, double rainIn, double windMph) {}

  static StoredEntry of(EntryDetails e) {
    EntryDetails.DayWeather w = e.weather();
    return new StoredEntry(
        1,
        e.operation(),
        Codes.kept(e.route()),
        Codes.kept(e.stage()),
        e.species(),
        e.spots(),
        e.stems(),
        e.past(),
        e.frameSquareFeet(),
        e.dryGrams(),
        e.yieldPerAcre(),
        StoredLook.of(e.look()),
        e.eye(),
        w == null ? null : new Weather(w.maxF(), w.minF(), w.rainIn(), w.windMph()));
  }

  EntryDetails details() {
    return new EntryDetails(
        operation,
        Codes.read(Route.class, route),
        Codes.read(CropStage.class, stage),
        species,
        spots,
        stems,
        past,
        frameSquareFeet,
        dryGrams,
        yieldPerAcre,
        look == null ? null : look.look(),
        eye,
        weather == null
            ? null
            : new EntryDetails.DayWeather(
                weather.maxF(), weather.minF(), weather.rainIn(), weather.windMph()));
  }
}
