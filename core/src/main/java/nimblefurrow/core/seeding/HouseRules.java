package nimblefurrow.core.seeding;

import nimblefurrow.core.quantity.Limits;

/** Where growers disagree, the farm chooses once; a field follows unless it says otherwise. */
public record HouseRules(OverCorn overCorn, OverBeans overBeans, Rolling rolling) {
  /** When seed goes over standing corn for grain. */
  public enum OverCorn {
    HALF_LEAVES_GONE,
    WEEKS_BEFORE_HARVEST
  }

  /** When seed goes over standing soybeans. */
  public enum OverBeans {
    BEFORE_LEAF_DROP,
    HALF_DEFOLIATED
  }

  /**
   * When a cover is rolled: at full flowering, or at milk for a surer kill and a later planting.
   */
  public enum Rolling {
    FULL_FLOWERING,
    MILK
  }

  public static final HouseRules USUAL =
      new HouseRules(OverCorn.HALF_LEAVES_GONE, OverBeans.BEFORE_LEAF_DROP, Rolling.FULL_FLOWERING);

  public HouseRules {
    Limits.given("rule for seeding over corn", overCorn);
    Limits.given("rule for seeding over soybeans", overBeans);
    Limits.given("rule for rolling", rolling);
  }
}
