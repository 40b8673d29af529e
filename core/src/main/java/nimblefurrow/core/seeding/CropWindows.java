package nimblefurrow.core.seeding;

import static nimblefurrow.core.cashcrop.CropStage.*;

import java.time.LocalDate;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.weather.Outlook;

/** Opens, best and closes of each way in around the cash crop, whatever is sown. */
final class CropWindows {
  private static final FigureKey BEANS_RYE_AFTER_DROP =
      FigureKey.of("seeding", "beans_rye_after_drop");
  private static final FigureKey BEANS_AFTER_DROP = FigureKey.of("seeding", "beans_after_drop");
  private static final FigureKey SILAGE_BEST_TO = FigureKey.of("seeding", "silage_best_to");
  private static final FigureKey SILAGE_BEST_FROM = FigureKey.of("seeding", "silage_best_from");
  private static final FigureKey SILAGE_OPENS = FigureKey.of("seeding", "silage_opens");
  private static final FigureKey CORN_CLOSES = FigureKey.of("seeding", "corn_closes");
  private static final FigureKey CORN_BEST_TO = FigureKey.of("seeding", "corn_best_to");
  private static final FigureKey CORN_BEST_FROM = FigureKey.of("seeding", "corn_best_from");
  private static final FigureKey OTHER_CLOSES = FigureKey.of("seeding", "other_closes_before");
  private static final FigureKey OTHER_BEST = FigureKey.of("seeding", "other_best_before");
  private static final FigureKey COMBINE_DAYS = FigureKey.of("seeding", "with_harvest");
  private static final FigureKey BEST_DAYS_AFTER_HARVEST =
      FigureKey.of("seeding", "best_after_harvest");

  private final CropCalendar crop;
  private final HouseRules rules;
  private final Outlook outlook;
  private final Figures figures;

  CropWindows(CropCalendar crop, HouseRules rules, Outlook outlook) {
    this.crop = crop;
    this.rules = rules;
    this.outlook = outlook;
    this.figures = outlook.figures();
  }

  /**
   * @param brassicas whether brassicas are sown, which want the fall to grow in
   * @param onlyRye whether nothing but rye is sown, which may go later into soybeans
   */
  CropWindow of(SeedingMethod way, boolean brassicas, boolean onlyRye) {
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
    Ensemble<LocalDate> open = crop.each(CANOPY_OPEN);
    Ensemble<LocalDate> harvest = crop.each(HARVEST);
    return CropWindow.open(
        open,
        open,
        plus(harvest, -figures.whole(OTHER_BEST)),
        plus(harvest, -figures.whole(OTHER_CLOSES)));
  }

  private CropWindow afterHarvest() {
    Ensemble<LocalDate> harvest = crop.each(HARVEST);
    return CropWindow.open(
        harvest, harvest, plus(harvest, figures.whole(BEST_DAYS_AFTER_HARVEST)), null);
  }

  private CropWindow withHarvest() {
    Ensemble<LocalDate> harvest = crop.each(HARVEST);
    return CropWindow.open(harvest, harvest, harvest, plus(harvest, figures.whole(COMBINE_DAYS)));
  }

  private CropWindow between() {
    return CropWindow.open(crop.each(V3), crop.each(V4), crop.each(V6), crop.each(V7));
  }

  private CropWindow overCorn(boolean brassicas) {
    boolean leaves = rules.overCorn() == HouseRules.OverCorn.HALF_LEAVES_GONE;
    Ensemble<LocalDate> harvest = crop.each(HARVEST);
    return CropWindow.open(
        crop.each(brassicas ? R5 : HALF_MILK),
        leaves ? crop.each(LEAVES_GOING) : plus(harvest, -figures.whole(CORN_BEST_FROM)),
        leaves ? crop.each(LEAVES_GONE) : plus(harvest, -figures.whole(CORN_BEST_TO)),
        plus(harvest, -figures.whole(CORN_CLOSES)));
  }

  private CropWindow overSilage() {
    Ensemble<LocalDate> chop = crop.each(HARVEST);
    return CropWindow.open(
        plus(chop, -figures.whole(SILAGE_OPENS)),
        plus(chop, -figures.whole(SILAGE_BEST_FROM)),
        plus(chop, -figures.whole(SILAGE_BEST_TO)),
        chop);
  }

  private CropWindow overBeans(boolean onlyRye) {
    boolean before = rules.overBeans() == HouseRules.OverBeans.BEFORE_LEAF_DROP;
    Ensemble<LocalDate> drop = crop.each(LEAF_DROP);
    CropStage from = before ? FIRST_YELLOW : LEAF_DROP;
    return CropWindow.open(
        crop.each(FIRST_YELLOW),
        crop.each(from),
        before ? drop : plus(drop, figures.whole(BEANS_AFTER_DROP)),
        plus(drop, figures.whole(onlyRye ? BEANS_RYE_AFTER_DROP : BEANS_AFTER_DROP)));
  }

  private static Ensemble<LocalDate> plus(Ensemble<LocalDate> dates, int days) {
    return dates.map(d -> d.plusDays(days));
  }
}
