package nimblefurrow.core.cashcrop;

import nimblefurrow.core.quantity.Coded;

/** Moments in a cash crop's life that open or close something, in the order they come. */
public enum CropStage implements Coded {
  PLANTED("planted"),
  EMERGED("emerged"),
  /** Corn with three, four, six, seven leaf collars. */
  V3("v3"),
  V4("v4"),
  V6("v6"),
  V7("v7"),
  JOINTING("jointing"),
  BOOT("boot"),
  HEADING("heading"),
  FLOWERING("flowering"),
  SILKING("silking"),
  /** Soybeans with full seed, corn with dented kernels. */
  R5("r5"),
  R6_SEED("r6_seed"),
  HALF_MILK("half_milk"),
  /** Soybeans at the first yellow leaf (R6.5). */
  FIRST_YELLOW("first_yellow"),
  /** Corn at black layer (R6). */
  BLACK_LAYER("black_layer"),
  /** Corn 60 °F-days past black layer. */
  LEAVES_GOING("leaves_going"),
  /** Corn with half of its leaves lost. */
  HALF_LEAVES("half_leaves"),
  /** Corn 200 °F-days past black layer. */
  LEAVES_GONE("leaves_gone"),
  /** Soybeans dropping leaves (R7). */
  LEAF_DROP("leaf_drop"),
  /** Soybeans with all pods brown (R8). */
  BROWN_PODS("brown_pods"),
  RIPE("ripe"),
  CANOPY_CLOSED("canopy_closed"),
  CANOPY_OPEN("canopy_open"),
  HARVEST("harvest");

  private final String code;

  CropStage(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
