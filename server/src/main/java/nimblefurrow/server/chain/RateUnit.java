package nimblefurrow.server.chain;

import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;

/** The units in which a live rate may be typed. */
public enum RateUnit implements Coded {
  LB_AC("lb_ac"),
  BU_AC("bu_ac"),
  KG_HA("kg_ha"),
  SEEDS_FT2("seeds_ft2");

  private final String code;

  RateUnit(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }

  SeedRate rate(double typed, Species species) {
    Limits.within(
        "rate of " + species.name(), typed, 0, this == SEEDS_FT2 ? 5000 : 1000, Unit.NONE);
    return switch (this) {
      case LB_AC -> SeedRate.poundsPerAcre(typed);
      case KG_HA -> SeedRate.kilogramsPerHectare(typed);
      case SEEDS_FT2 -> SeedRate.seedsPerSquareFoot(typed, species.seedsPerPound());
      case BU_AC -> {
        if (species.bushelPounds() == 0) {
          throw new OutOfRange("rate", species.name() + " is not sold by the bushel: type pounds");
        }
        yield SeedRate.bushelsPerAcre(typed, Mass.ofPounds(species.bushelPounds()));
      }
    };
  }
}
