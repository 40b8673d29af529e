package nimblefurrow.core.weather;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * Where the farm lies and so how its year turns. North of the equator a cover year's spring count
 * starts on 1 January; south of it on 1 July. Latitude −60 to 60°, north positive.
 */
public record Site(double latitude, double longitude) {
  private static final double EARTH_MILES = 3_959;

  public Site {
    Limits.within("latitude", latitude, -60, 60, Unit.DEGREE);
    Limits.within("longitude", longitude, -180, 180, Unit.DEGREE);
  }

  /**
   * Miles to another place as the crow flies: {@code new Site(40, -97).milesTo(new Site(41, -97))}
   * is 69.
   */
  public double milesTo(Site other) {
    double up = Math.toRadians(other.latitude - latitude);
    double along =
        Math.toRadians(other.longitude - longitude)
            * Math.cos(Math.toRadians((latitude + other.latitude) / 2));
    return EARTH_MILES * Math.hypot(up, along);
  }

  /** Whether it lies south of the equator, where the year is turned round. */
  public boolean southern() {
    return latitude < 0;
  }

  /**
   * The day from which spring heat counts for a cover sown on a date: the next turn of the year.
   */
  public LocalDate springStart(LocalDate seeded) {
    LocalDate turn = turnOfYear(seeded.getYear());
    // A cover sown in the first half of the cold season (after the turn) counts from that turn.
    LocalDate lastSpringSowing = turn.plusMonths(5);
    return seeded.isBefore(lastSpringSowing) ? turn : turnOfYear(seeded.getYear() + 1);
  }

  /**
   * The first turn of the year after a day: the winter that ends what frost kills. A cover sown on
   * 10 April 2027 in the north meets it on 1 January 2028.
   */
  public LocalDate turnAfter(LocalDate day) {
    LocalDate turn = turnOfYear(day.getYear());
    return day.isBefore(turn) ? turn : turnOfYear(day.getYear() + 1);
  }

  /** 1 January, or 1 July in the south. */
  public LocalDate turnOfYear(int year) {
    return LocalDate.of(year, southern() ? 7 : 1, 1);
  }

  /**
   * First day on which dormancy may begin, before the spring that starts at {@code springStart}.
   */
  public LocalDate dormancyFrom(LocalDate springStart) {
    return springStart.minusMonths(3);
  }

  /** The same moment of the growing year, moved half a year where the farm lies south. */
  public LocalDate season(int year, int month, int day) {
    LocalDate north = LocalDate.of(year, month, day);
    return southern() ? north.plusMonths(6) : north;
  }
}
