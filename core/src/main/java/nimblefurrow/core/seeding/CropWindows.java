package nimblefurrow.core.seeding;

import static nimblefurrow.core.cashcrop.CropStage.*;

import java.time.LocalDate;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.weather.Outlook;

/** Opens, best and closes of each way in around the cash crop, whatever is sown. */
final class CropWindows {
  private static final int BEST_DAYS_AFTER_HARVEST = 5;

  private final CropCalendar crop;
  private final HouseRules rules;
  private final Outlook outlook;

  CropWindows(CropCalendar crop, HouseRules rules, Outlook outlook) {
    this.crop = crop;
    this.rules = rules;
    this.outlook = outlook;
  }

  /**
   * @param brassicas whether brassicas are sown, which want the fall to grow in
   * @param onlyRye whether nothing but rye is sown, which may go later into soybeans
   */
  CropWindow of(WayIn way, boolean brassicas, boolean onlyRye) {
    CropKind kind = crop.planting().kind();
    return switch (way.place()) {
      case AFTER_HARVEST -> afterHarvest();
      case WITH_HARVEST ->
          kind == CropKind.FREE_GROUND
              ? CropWindow.impossible(
                  Reason.of("no combine runs here: a cut has freed the ground"),
                  Reason.of("drill, or broadcast and till in"))
              : withHarvest();
      case BETWEEN_ROWS ->
          kind.corn()
              ? between()
              : CropWindow.impossible(
                  Reason.of("it runs between corn rows, and this field has none"),
                  Reason.of("choose drill, airplane or drone here"));
      case OVER_THE_TOP ->
          switch (kind) {
            case CORN_GRAIN -> overCorn(brassicas);
            case CORN_SILAGE -> overSilage();
            case SOYBEANS -> overBeans(onlyRye);
            case OTHER -> crop.has(CANOPY_OPEN) ? overOther() : noCanopy();
            default ->
                CropWindow.impossible(
                    Reason.of("there is no corn or soybeans standing here to seed into"),
                    Reason.of("drill after harvest: this field is bare early"));
          };
      case INTO_WHEAT ->
          kind == CropKind.WINTER_WHEAT
              ? FrostSeeding.window(crop.each(JOINTING), outlook)
              : CropWindow.impossible(
                  Reason.of("frost seeding wants standing wheat in late winter"),
                  Reason.of("choose drill, airplane or drone here"));
    };
  }

  private static CropWindow noCanopy() {
    return CropWindow.impossible(
        Reason.of("when light reaches the ground under this crop is not entered"),
        Reason.of("enter the day its canopy opens with the crop, or drill after harvest"));
  }

  /** Any other crop goes by its own dates: from the opening of its canopy to its harvest. */
  private CropWindow overOther() {
    LocalDate[] open = crop.each(CANOPY_OPEN);
    LocalDate[] harvest = crop.each(HARVEST);
    return CropWindow.open(open, open, plus(harvest, -14), plus(harvest, -7));
  }

  private CropWindow afterHarvest() {
    LocalDate[] harvest = crop.each(HARVEST);
    return CropWindow.open(harvest, harvest, plus(harvest, BEST_DAYS_AFTER_HARVEST), null);
  }

  private CropWindow withHarvest() {
    LocalDate[] harvest = crop.each(HARVEST);
    return CropWindow.open(harvest, harvest, harvest, plus(harvest, 1));
  }

  private CropWindow between() {
    return CropWindow.open(crop.each(V3), crop.each(V4), crop.each(V6), crop.each(V7));
  }

  private CropWindow overCorn(boolean brassicas) {
    boolean leaves = rules.overCorn() == HouseRules.OverCorn.HALF_LEAVES_GONE;
    LocalDate[] harvest = crop.each(HARVEST);
    return CropWindow.open(
        crop.each(brassicas ? R5 : HALF_MILK),
        leaves ? crop.each(LEAVES_GOING) : plus(harvest, -42),
        leaves ? crop.each(LEAVES_GONE) : plus(harvest, -28),
        plus(harvest, -7));
  }

  private CropWindow overSilage() {
    LocalDate[] chop = crop.each(HARVEST);
    return CropWindow.open(plus(chop, -14), plus(chop, -10), plus(chop, -3), chop);
  }

  private CropWindow overBeans(boolean onlyRye) {
    boolean before = rules.overBeans() == HouseRules.OverBeans.BEFORE_LEAF_DROP;
    LocalDate[] drop = crop.each(LEAF_DROP);
    CropStage from = before ? FIRST_YELLOW : LEAF_DROP;
    return CropWindow.open(
        crop.each(FIRST_YELLOW),
        crop.each(from),
        before ? drop : plus(drop, 4),
        plus(drop, onlyRye ? 10 : 4));
  }

  static LocalDate[] plus(LocalDate[] dates, int days) {
    LocalDate[] moved = new LocalDate[dates.length];
    for (int i = 0; i < dates.length; i++) {
      moved[i] = dates[i] == null ? null : dates[i].plusDays(days);
    }
    return moved;
  }
}
