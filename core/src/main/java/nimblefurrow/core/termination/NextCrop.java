package nimblefurrow.core.termination;

import java.time.LocalDate;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.Site;

/** The cash crop that follows the cover, and the day on which the farm means to plant it. */
public record NextCrop(CropKind kind, LocalDate planned) {
  private static final FigureKey MONTH = FigureKey.of("chain", "next_month");
  private static final FigureKey DAY = FigureKey.of("chain", "next_day");
  private static final FigureKey STANDS = FigureKey.of("chain", "next_after");

  public NextCrop {
    Limits.given("next crop", kind);
    Limits.given("planned planting date", planned);
  }

  /**
   * What is taken to follow where the farm has entered nothing yet: soybeans in the next planting
   * season after the crop that stands. Example: after corn of 1 May 2026 north of the equator,
   * soybeans on 12 May 2027; after wheat of October 2026, in May 2028.
   *
   * @param planted the day on which the crop was planted, or the ground came free
   */
  public static NextCrop assumed(LocalDate planted, Site site, Figures figures) {
    LocalDate gone = planted.plusDays(figures.whole(STANDS));
    int year = planted.getYear();
    LocalDate day;
    do {
      day = site.season(year++, figures.whole(MONTH), figures.whole(DAY));
    } while (day.isBefore(gone));
    return new NextCrop(CropKind.SOYBEANS, day);
  }
}
