package nimblefurrow.core.houserules;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;

/**
 * Where growers disagree, the farm chooses once; a field follows unless it says otherwise.
 *
 * @param rolling when a cover is rolled before soybeans and other crops
 * @param rollingCorn when it is rolled before corn, which pays more for waiting
 * @param figures what the farm takes as true
 */
public record HouseRules(
    OverCorn overCorn,
    OverBeans overBeans,
    Rolling rolling,
    Rolling rollingCorn,
    Placing placing,
    Rows rows,
    Figures figures) {
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

  /** Whether the farm counts on very even placement and so sows some ways thinner. */
  public enum Placing {
    ORDINARY,
    EVEN
  }

  /** How drilled cover rows lie to the cash rows that come. */
  public enum Rows {
    SHALLOW_ANGLE("at a shallow angle to the coming rows: better cover, more turns"),
    PARALLEL_OFFSET("parallel to old and coming rows and offset from both"),
    NO_ROWS("no rows: broadcast");

    private final String words;

    Rows(String words) {
      this.words = words;
    }

    /** The rule as told. */
    public String words() {
      return words;
    }
  }

  /** What a farm does until it says otherwise. */
  public static HouseRules usual(Figures figures) {
    return new HouseRules(
        OverCorn.HALF_LEAVES_GONE,
        OverBeans.BEFORE_LEAF_DROP,
        Rolling.FULL_FLOWERING,
        Rolling.FULL_FLOWERING,
        Placing.ORDINARY,
        Rows.SHALLOW_ANGLE,
        figures);
  }

  /** When a cover is rolled before a crop. */
  public Rolling rolling(boolean corn) {
    return corn ? rollingCorn : rolling;
  }

  /** Whether rows are sown evenly between the cash rows. */
  public boolean even() {
    return placing == Placing.EVEN;
  }

  public HouseRules {
    Limits.given("rule for seeding over corn", overCorn);
    Limits.given("rule for seeding over soybeans", overBeans);
    Limits.given("rule for rolling", rolling);
    Limits.given("rule for rolling before corn", rollingCorn);
    Limits.given("rule for placing", placing);
    Limits.given("rule for rows", rows);
    Limits.given("figures", figures);
  }
}
