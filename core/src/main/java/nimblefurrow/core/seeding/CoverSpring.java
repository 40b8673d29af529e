package nimblefurrow.core.seeding;

import static nimblefurrow.core.cashcrop.CropStage.HARVEST;

import java.time.LocalDate;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Site;

/**
 * The spring to which a cover sown after a crop belongs, and with it the autumn whose heat and
 * frost say how late it may go in. Corn planted on 2 May 2026 gives way to a cover of spring 2027,
 * also where it is only combined in January 2027: such a cover is late, it does not wait for
 * autumn.
 */
public final class CoverSpring {
  private static final FigureKey USUAL_SEASON_DAYS = FigureKey.of("seeding", "usual_season");

  private CoverSpring() {}

  /** The first day of the spring after a crop in its middle year. */
  public static LocalDate after(CropCalendar crop, Site site, Figures figures) {
    LocalDate planted = crop.planting().planted();
    LocalDate harvest =
        crop.when(HARVEST)
            .median()
            .orElse(
                crop.planting().kind() == CropKind.WINTER_WHEAT
                    ? site.turnAfter(planted).plusMonths(6)
                    : planted.plusDays(figures.whole(USUAL_SEASON_DAYS)));
    LocalDate turn = site.turnOfYear(harvest.getYear());
    boolean overdue =
        plantedInSpring(crop.planting().kind())
            && planted.isBefore(turn)
            && !harvest.isBefore(turn);
    return overdue ? turn : site.turnAfter(harvest);
  }

  private static boolean plantedInSpring(CropKind kind) {
    return kind.corn() || kind == CropKind.SOYBEANS || kind == CropKind.OATS;
  }
}
