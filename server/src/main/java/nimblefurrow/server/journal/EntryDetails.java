package nimblefurrow.server.journal;

import java.util.List;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.termination.Route;
import nimblefurrow.server.platform.Maybe;

/**
 * The figures of an entry, as far as its kind has them; grams are of dry matter by frame.
 *
 * @param eye share by which the writer usually sees too many stems past, where the writer wants it
 *     taken off
 * @param operation the code of the job that it settled; older entries do not say
 */
public record EntryDetails(
    @Maybe String operation,
    @Maybe Route route,
    @Maybe CropStage stage,
    @Maybe String species,
    @Maybe Integer spots,
    @Maybe Integer stems,
    @Maybe Integer past,
    @Maybe Double frameSquareFeet,
    @Maybe List<Double> dryGrams,
    @Maybe Double yieldPerAcre,
    @Maybe Look look,
    @Maybe Double eye,
    @Maybe DayWeather weather) {

  /** The weather of the day as known when it was written down. */
  public record DayWeather(double maxF, double minF, double rainIn, double windMph) {}

  public EntryDetails with(DayWeather weather) {
    return new EntryDetails(
        operation,
        route,
        stage,
        species,
        spots,
        stems,
        past,
        frameSquareFeet,
        dryGrams,
        yieldPerAcre,
        look,
        eye,
        weather);
  }

  public static EntryDetails none() {
    return new EntryDetails(
        null, null, null, null, null, null, null, null, null, null, null, null, null);
  }
}
