package nimblefurrow.core.quantity;

/** Field capacity of a machine, acres worked in an hour with turns and stops: 0.01–2,000 ac/h. */
public record WorkRate(double acresPerHour) {
  public WorkRate {
    Limits.within("field capacity", acresPerHour, 0.01, 2000, Unit.ACRE_PER_HOUR);
  }

  /** Acres worked in an hour. */
  public static WorkRate acresPerHour(double acres) {
    return new WorkRate(acres);
  }

  /** Field capacity from ground speed (mph), working width (ft) and field efficiency. */
  public static WorkRate of(double milesPerHour, double widthFeet, Share efficiency) {
    Limits.positive("speed", milesPerHour, 250, Unit.MILE_PER_HOUR);
    Limits.positive("width", widthFeet, 500, Unit.FOOT);
    return new WorkRate(milesPerHour * widthFeet * efficiency.fraction() / 8.25);
  }

  /** Land worked in so many hours. */
  public Area areaIn(double hours) {
    return Area.ofAcres(acresPerHour * hours);
  }

  /** Hours for so much land. */
  public double hoursFor(Area area) {
    return area.acres() / acresPerHour;
  }
}
