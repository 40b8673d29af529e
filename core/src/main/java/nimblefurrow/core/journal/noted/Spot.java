package nimblefurrow.core.journal.noted;

import java.util.Optional;
import java.util.UUID;

/**
 * A place in a field where something was counted.
 *
 * @param longitude degrees east, {@code latitude} degrees north; empty where the phone did not know
 * @param zone that it lies in; empty where the field has none, or nobody said
 * @param stems counted there, {@code past} of them past flowering; empty for what is no stem count
 */
public record Spot(
    Optional<Double> longitude,
    Optional<Double> latitude,
    Optional<UUID> zone,
    Optional<Integer> stems,
    Optional<Integer> past) {}
