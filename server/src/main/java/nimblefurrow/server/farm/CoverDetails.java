package nimblefurrow.server.farm;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.WayIn;
import nimblefurrow.core.termination.Route;
import nimblefurrow.server.platform.Maybe;

/** A cover in a field's chain, as chosen. */
public record CoverDetails(
    @NotNull Goal goal,
    @NotNull Route route,
    @NotNull WayIn way,
    @NotEmpty @Size(max = 8) List<@Valid MemberDetails> members,
    @Maybe LocalDate planned) {

  /** A member of the mix; a typed live rate replaces the computed one. */
  public record MemberDetails(
      @NotBlank String species, double share, @Maybe Double typedRate, @Maybe RateUnit typedUnit) {
    public MemberDetails(String species, double share, Double typedRate) {
      this(species, share, typedRate, null);
    }

    SeedRate typed(Species s) {
      return (typedUnit == null ? RateUnit.LB_AC : typedUnit).rate(typedRate, s);
    }
  }

  public CoverDetails {
    members = members == null ? List.of() : List.copyOf(members);
  }

  /** The mix with a farm's own figures. */
  public Mix mix(Catalogue catalogue) {
    return new Mix(
        members.stream()
            .map(m -> new Mix.Member(catalogue.species(m.species()), m.share()))
            .toList());
  }

  /** Live rates set by hand, whatever unit they were typed in. */
  public Map<String, SeedRate> typedRates(Catalogue catalogue) {
    Map<String, SeedRate> typed = new LinkedHashMap<>();
    members.stream()
        .filter(m -> m.typedRate() != null)
        .forEach(m -> typed.put(m.species(), m.typed(catalogue.species(m.species()))));
    return typed;
  }
}
