package nimblefurrow.server.placement;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.server.platform.codes.Stored;
import org.jspecify.annotations.Nullable;

/** Where jobs stand, as rows keep it. */
public record StoredPlaces(List<Place> places) implements Stored {
  /**
   * Where a job stands; no machine means nowhere.
   *
   * @param waitDays null where a person chose the day
   */
  public record Place(
      UUID cover,
      String operation,
      @Nullable UUID machineId,
      @Nullable LocalDate starts,
      boolean locked,
      @Nullable Integer waitDays) {
    /** Where a pin holds its job. */
    public static Place of(Pin pin) {
      return new Place(
          pin.jobId().cover(),
          pin.jobId().operation().code(),
          UUID.fromString(pin.machineId()),
          pin.start(),
          pin.locked(),
          pin.waitDays().orElse(null));
    }

    static Place nowhere(JobId job) {
      return new Place(job.cover(), job.operation().code(), null, null, false, null);
    }

    /** Which job it is. */
    public JobId job() {
      return new JobId(cover, Coded.of(Operation.class, operation).orElseThrow());
    }

    Pin pin() {
      return new Pin(job(), machineId.toString(), starts, locked, Optional.ofNullable(waitDays));
    }
  }

  public StoredPlaces {
    places = List.copyOf(places);
  }

  /** Where pins hold their jobs. */
  public static StoredPlaces of(List<Pin> pins) {
    return new StoredPlaces(pins.stream().map(Place::of).toList());
  }

  /** The jobs that stand anywhere. */
  public List<Pin> pins() {
    return places.stream().filter(p -> p.machineId() != null).map(Place::pin).toList();
  }
}
