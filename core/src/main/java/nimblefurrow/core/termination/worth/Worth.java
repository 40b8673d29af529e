package nimblefurrow.core.termination.worth;

import nimblefurrow.core.cashcrop.YieldDrag;
import nimblefurrow.core.cover.Residue;
import nimblefurrow.core.cover.Suppression;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.termination.Feed;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What one end of a cover nets in one way the weather ran: the sum of parts that can be read one by
 * one. Weakly known parts are drawn wide where a {@link Draw} says so. Money, not advice: what the
 * label, the law and the insurer allow comes before it.
 */
public final class Worth {
  private static final FigureKey BURNDOWN = FigureKey.of("worth", "burndown");
  private static final FigureKey TRIP = FigureKey.of("worth", "trip");
  private static final FigureKey GREEN = FigureKey.of("worth", "green_saved");
  private static final FigureKey ROLL_FRONT = FigureKey.of("worth", "roll_front");
  private static final FigureKey ROLL_PASS = FigureKey.of("worth", "roll_pass");
  private static final FigureKey REDUCED = FigureKey.of("worth", "reduced_spray");
  private static final FigureKey TILLED = FigureKey.of("worth", "tilled");
  private static final FigureKey SECOND_FROM = FigureKey.of("worth", "second_from");
  private static final FigureKey SECOND_OVER = FigureKey.of("worth", "second_over");
  private static final FigureKey RESCUE = FigureKey.of("worth", "rescue");
  private static final FigureKey RESCUE_KILLS = FigureKey.of("worth", "rescue_kills");
  private static final FigureKey ORGANIC_RESCUE = FigureKey.of("worth", "rescue_organic");
  private static final FigureKey ORGANIC_KILLS = FigureKey.of("worth", "rescue_organic_kills");
  private static final FigureKey NEED = FigureKey.of("worth", "need");
  private static final FigureKey NEED_SURE = FigureKey.of("worth", "need_sure");
  private static final FigureKey SD_ROLLED = FigureKey.of("worth", "sd_rolled");
  private static final FigureKey SD_SPRAYED = FigureKey.of("worth", "sd_sprayed");
  private static final FigureKey BORNE = FigureKey.of("worth", "survivor_borne");
  private static final FigureKey SURVIVORS = FigureKey.of("worth", "survivor_loss");
  private static final FigureKey UNEVEN = FigureKey.of("worth", "uneven_loss");
  private static final FigureKey UNEVEN_UNDER = FigureKey.of("worth", "uneven_under");
  private static final FigureKey HALF = FigureKey.of("worth", "survivor_half");
  private static final FigureKey CORN = FigureKey.of("worth", "stand_corn");
  private static final FigureKey SOYBEANS = FigureKey.of("worth", "stand_soybeans");
  private static final FigureKey SHADE_FROM = FigureKey.of("worth", "shade_from");
  private static final FigureKey SHADE = FigureKey.of("worth", "shade_loss");
  private static final FigureKey LOW = FigureKey.of("worth", "stand_low_in");
  private static final FigureKey STANDS_LOW = FigureKey.of("worth", "stand_low");
  private static final FigureKey GRASS = FigureKey.of("worth", "grass_loss");
  private static final FigureKey GRASS_FULL = FigureKey.of("worth", "grass_full");
  private static final FigureKey GRASS_LEAD = FigureKey.of("worth", "grass_lead");
  private static final FigureKey STARTER_HALVES = FigureKey.of("worth", "starter_halves");
  private static final FigureKey STARTER = FigureKey.of("termination", "starter");
  private static final FigureKey WATER_MAT = FigureKey.of("worth", "water_mat");
  private static final FigureKey WATER_MOST = FigureKey.of("worth", "water_most");
  private static final FigureKey WATER_RAIN = FigureKey.of("worth", "water_rain");
  private static final FigureKey WATER_RANGE = FigureKey.of("worth", "water_range");
  private static final FigureKey WATER_REFILL = FigureKey.of("worth", "water_refill");
  private static final FigureKey WATER_SOYBEANS = FigureKey.of("worth", "water_soybeans");
  private static final FigureKey WATER_CORN = FigureKey.of("worth", "water_corn");

  /** Three weeks on a drawn mat is known but for its rotting. */
  private static final FigureKey DRAWN_ERROR = FigureKey.of("worth", "drawn_error");

  /** Most that live grass near planting counts for, against that of the planting day. */
  private static final FigureKey GRASS_MOST = FigureKey.of("worth", "grass_most");

  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  private final WorthCase at;
  private final Figures figures;

  /** Sums for a crop after a cover. */
  public Worth(WorthCase at, Figures figures) {
    this.at = at;
    this.figures = figures;
  }

  private double of(FigureKey key) {
    return figures.of(key);
  }

  /** What an end nets, part by part. */
  public WorthParts parts(TerminatedCover end, Draw draw) {
    boolean gone = end.way().leavesNoMat();
    return new WorthParts(
        gone ? 0 : weeds(end, draw),
        at.passTimes() * passes(end),
        kill(end, draw),
        -draw.date() * at.price() * drag(end),
        gone ? 0 : -draw.stand() * stand(end) * at.cropDollars(),
        at.crop().corn() ? nitrogen(end, draw) : 0,
        -draw.seed() * end.seed(),
        gone ? 0 : draw.water() * water(end),
        feed(end));
  }

  private double drag(TerminatedCover end) {
    return YieldDrag.bushels(at.crop(), at.planned(), end.planted(), at.site(), figures);
  }

  /** What of the cover lies on the ground once it is ended: stock takes some and treads some in. */
  private double lies(TerminatedCover end) {
    return end.way() == ComparedMethod.GRAZED
        ? Feed.lies(DryMatter.poundsPerAcre(end.mat()), end.cowDays(), figures).poundsPerAcre()
        : end.mat();
  }

  private double weeds(TerminatedCover end, Draw draw) {
    double left = lies(end) * Residue.left(figures, end.carbon(), end.weeksLying());
    double error = of(draw.spread() ? DRAWN_ERROR : WeedWorth.ERROR);
    WeedWorth worth = WeedWorth.ofLeft(left, at.weeds(), at.organic(), error, figures);
    return worth.dollars()
        + (draw.weeds() - 1)
            * worth.suppression()
            * WeedWorth.takenDollars(at.weeds().load(), at.organic(), figures);
  }

  /** Against a burndown and a planting, where one was planned. */
  private double passes(TerminatedCover end) {
    double planned = at.burndown() ? of(BURNDOWN) : 0;
    return switch (end.way()) {
      case SPRAYED -> -of(TRIP) - second(end);
      case SPRAYED_TWICE -> -of(TRIP) - of(BURNDOWN);
      case GREEN -> -of(GREEN);
      case ROLLED -> planned - of(ROLL_FRONT);
      case ROLLED_TWICE -> planned - of(ROLL_FRONT) - of(ROLL_PASS);
      case ROLLED_AND_SPRAYED -> planned - of(ROLL_FRONT) - of(REDUCED);
      case ROLLED_AFTER -> planned - of(ROLL_PASS);
      case TILLED -> -of(TILLED);
      case HAYED, GRAZED -> at.organic() ? -of(TILLED) : -of(TRIP);
    };
  }

  /** What is cut or eaten; fence, cutting and carrying paid. */
  private double feed(TerminatedCover end) {
    DryMatter stands = DryMatter.poundsPerAcre(end.mat());
    return switch (end.way()) {
      case HAYED -> Feed.hayDollars(stands, end.stage(), figures);
      case GRAZED -> Feed.grazedDollars(stands, end.cowDays(), figures);
      default -> 0;
    };
  }

  /** A second burndown becomes likelier the longer a spray lies before planting. */
  private double second(TerminatedCover end) {
    double likely = clamp((end.gap() - of(SECOND_FROM)) / of(SECOND_OVER), 0, 1);
    double then = end.mat() * Residue.left(figures, end.carbon(), end.weeksToPlanting());
    return of(BURNDOWN) * likely * (1 - Suppression.dead(then, at.weeds().kind(), figures));
  }

  private double kill(TerminatedCover end, Draw draw) {
    double sd = of(end.way().rollsAlone() ? SD_ROLLED : SD_SPRAYED);
    double need = of(at.organic() || at.crop().corn() ? NEED_SURE : NEED);
    double k = draw.spread() ? clamp(end.kill() + sd * draw.kill(), 0, 1) : end.kill();
    double p = draw.spread() ? (k < need ? 1 : 0) : UNIT.cumulativeProbability((need - k) / sd);
    double rescue = at.passTimes() * of(at.organic() ? ORGANIC_RESCUE : RESCUE);
    double kills = of(at.organic() ? ORGANIC_KILLS : RESCUE_KILLS);
    double left = (1 - k) * (1 - p * kills);
    double lost =
        of(SURVIVORS) * Math.max(0, left - of(BORNE))
            + of(UNEVEN) * Math.max(0, of(UNEVEN_UNDER) - k);
    return -(p * rescue + draw.survivors() * of(HALF) * lost * at.cropDollars());
  }

  /** Share of the yield that is lost with plants, and under a cover that lives on. */
  private double stand(TerminatedCover end) {
    double plants =
        StandLoss.percent(
            end.gap() > 0 ? lies(end) : end.matPlanted(),
            end.gap(),
            end.wet(),
            at.fitted(),
            end.way() == ComparedMethod.ROLLED_AFTER,
            figures);
    boolean low = end.way().plantsGreen() && end.inches() < of(LOW) && end.matPlanted() > 0;
    plants += low ? of(STANDS_LOW) : 0;
    double shaded = Math.max(0, -end.gap() - of(SHADE_FROM));
    return plants / 100 * of(at.crop().corn() ? CORN : SOYBEANS) + of(SHADE) * shaded;
  }

  private double nitrogen(TerminatedCover end, Draw draw) {
    // Grass that lives on after planting goes on costing.
    double near = clamp((of(GRASS_LEAD) - end.gap()) / of(GRASS_LEAD), 0, of(GRASS_MOST));
    double fed = at.starterLbAc() >= of(STARTER) ? of(STARTER_HALVES) : 1;
    double grass =
        of(GRASS) * at.cropDollars() * Math.min(1, end.grass() / of(GRASS_FULL)) * near * fed;
    double tied =
        NitrogenWorth.of(end.availableLbAc(), at.starterLbAc(), at.price(), draw.tieUp(), figures);
    return tied - draw.grass() * grass;
  }

  private double water(TerminatedCover end) {
    double inch = of(at.crop().corn() ? WATER_CORN : WATER_SOYBEANS) * at.price();
    double saved =
        Math.min(of(WATER_MOST), of(WATER_MAT) * lies(end) / 1000)
            * clamp((of(WATER_RAIN) - end.rainAfter()) / of(WATER_RANGE), 0, 1);
    double refilled = Math.max(0, end.rainSoon() - of(WATER_REFILL));
    return (saved - Math.max(0, end.drawn() - refilled)) * inch;
  }

  private static double clamp(double value, double low, double high) {
    return Math.max(low, Math.min(high, value));
  }
}
