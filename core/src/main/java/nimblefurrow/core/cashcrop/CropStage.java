package nimblefurrow.core.cashcrop;

/** Moments in a cash crop's life that open or close something, in the order they come. */
public enum CropStage {
  PLANTED,
  EMERGED,
  /** Corn with three, four, six, seven leaf collars. */
  V3,
  V4,
  V6,
  V7,
  JOINTING,
  BOOT,
  HEADING,
  FLOWERING,
  SILKING,
  /** Soybeans with full seed, corn with dented kernels. */
  R5,
  R6_SEED,
  HALF_MILK,
  /** Soybeans at the first yellow leaf (R6.5). */
  FIRST_YELLOW,
  /** Corn at black layer (R6). */
  BLACK_LAYER,
  /** Corn 60 °F-days past black layer. */
  LEAVES_GOING,
  /** Corn with half of its leaves lost. */
  HALF_LEAVES,
  /** Corn 200 °F-days past black layer. */
  LEAVES_GONE,
  /** Soybeans dropping leaves (R7). */
  LEAF_DROP,
  /** Soybeans with all pods brown (R8). */
  BROWN_PODS,
  RIPE,
  CANOPY_CLOSED,
  CANOPY_OPEN,
  HARVEST;
}
