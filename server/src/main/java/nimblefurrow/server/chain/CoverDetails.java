package nimblefurrow.server.chain;

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
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.season.SideWork;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.platform.web.Maybe;

/**
 * A cover in a field's chain, as chosen.
 *
 * @param discPasses shallow disc passes in all, where it is sown by them; two unless said otherwise
 * @param slurryOver whether slurry goes over the sown ground
 * @param thickSlurry whether seed goes in slurry so thick that it stays on top
 */
public record CoverDetails(
    @NotNull Goal goal,
    @NotNull TerminationMethod termination,
    @NotNull SeedingMethod way,
    @NotEmpty @Size(max = 8) List<@Valid MemberDetails> members,
    @Maybe LocalDate planned,
    @Maybe Integer discPasses,
    @Maybe Boolean slurryOver,
    @Maybe Boolean thickSlurry) {

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

  /** A cover without work beside the sowing. */
  public CoverDetails(
      Goal goal,
      TerminationMethod termination,
      SeedingMethod way,
      List<MemberDetails> members,
      LocalDate planned) {
    this(goal, termination, way, members, planned, null, null, null);
  }

  /** The same sown another way. */
  public CoverDetails by(SeedingMethod other) {
    return new CoverDetails(
        goal, termination, other, members, planned, discPasses, slurryOver, thickSlurry);
  }

  /** The same ended another way. */
  public CoverDetails ending(TerminationMethod other) {
    return new CoverDetails(
        goal, other, way, members, planned, discPasses, slurryOver, thickSlurry);
  }

  /** The goes over the field that belong to the sowing, with what is done of them. */
  public SideWork side(Map<Operation, LocalDate> done) {
    return new SideWork(
        discPasses == null ? SideWork.USUAL.discPasses() : discPasses,
        Boolean.TRUE.equals(slurryOver),
        Boolean.TRUE.equals(thickSlurry),
        done);
  }

  /**
   * This cover when all that is typed in it can be.
   *
   * @throws nimblefurrow.core.quantity.OutOfRange naming the figure and its limits
   */
  public CoverDetails checked() {
    mix(Catalogue.shipped());
    typedRates(Catalogue.shipped());
    side(Map.of());
    return this;
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
