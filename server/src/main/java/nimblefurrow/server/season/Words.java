package nimblefurrow.server.season;

import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;

/** Names of crops and stages as they stand beside a lane. */
public final class Words {
  private Words() {}

  static String crop(CropKind kind) {
    return switch (kind) {
      case CORN_GRAIN -> "Corn";
      case CORN_SILAGE -> "Silage corn";
      case SOYBEANS -> "Soybeans";
      case WINTER_WHEAT -> "Winter wheat";
      case OATS -> "Oats";
      case OTHER -> "Other crop";
      case FREE_GROUND -> "Another cover";
    };
  }

  static String crop(Link link) {
    double maturity = link.crop().maturity();
    CropKind kind = link.crop().kind();
    if (kind.corn()) {
      return "%s, %.0f-day".formatted(crop(kind), maturity);
    }
    return kind == CropKind.SOYBEANS && maturity > 0
        ? "Soybeans, group %.1f".formatted(maturity)
        : named(link);
  }

  /** The crop without its maturity; a crop without a calendar by the name that the farm gave it. */
  static String named(Link link) {
    String name = link.crop().name();
    return name == null ? crop(link.crop().kind()) : name;
  }

  /** What the cover of a stretch comes after. */
  public static String ground(Link link) {
    if (link.kind() != LinkKind.CUT) {
      return crop(link);
    }
    return link.cut().how() == Clearing.How.FORAGE_CUT ? "Forage cut" : "Cover before";
  }

  static String stage(CropStage stage, CropKind kind) {
    return switch (stage) {
      case PLANTED -> "planted";
      case EMERGED -> "up";
      case V3, V4, V6, V7 -> stage.name().substring(1) + " collars";
      case JOINTING -> "jointing";
      case BOOT -> "boot";
      case HEADING -> "heading";
      case FLOWERING -> "flowering";
      case SILKING -> "silking";
      case R5 -> "dent";
      case R6_SEED -> "full seed";
      case HALF_MILK -> "half milk line";
      case FIRST_YELLOW -> "first yellow leaf";
      case BLACK_LAYER -> "black layer";
      case LEAVES_GOING -> "leaves going";
      case HALF_LEAVES -> "half the leaves gone";
      case LEAVES_GONE -> "leaves mostly gone";
      case LEAF_DROP -> "leaf drop begins";
      case BROWN_PODS -> "all pods brown";
      case RIPE -> "ripe";
      case CANOPY_CLOSED -> "canopy closed";
      case CANOPY_OPEN -> "canopy open";
      case HARVEST -> kind == CropKind.CORN_SILAGE ? "chopped" : "harvest";
    };
  }
}
