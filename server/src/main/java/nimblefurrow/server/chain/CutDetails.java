package nimblefurrow.server.chain;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import nimblefurrow.core.season.Clearing;

/** A cover or crop in a field's chain makes room for another cover: how it does. */
public record CutDetails(@NotNull Clearing.How how) {
  public Clearing on(LocalDate day) {
    return new Clearing(how, day);
  }
}
