package nimblefurrow.core.quantity;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How the farm reads its figures. Says a quantity in words; never used for arithmetic. */
public enum UnitSystem {
  US,
  METRIC;

  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  /** A quantity with its unit, rounded as a person would say it. */
  public String say(Object figure) {
    boolean us = this == US;
    if (figure instanceof LocalDate day) {
      return DAY.format(day);
    } else if (figure instanceof Area area) {
      return us ? number(area.acres(), 1) + " ac" : number(area.hectares(), 1) + " ha";
    } else if (figure instanceof SeedRate rate) {
      return us
          ? number(rate.poundsPerAcre(), 1) + " lb/ac"
          : number(rate.kilogramsPerHectare(), 1) + " kg/ha";
    } else if (figure instanceof DryMatter matter) {
      return us
          ? number(rounded(matter.poundsPerAcre(), 10), 0) + " lb/ac"
          : number(rounded(matter.kilogramsPerHectare(), 10), 0) + " kg/ha";
    } else if (figure instanceof Mass mass) {
      return us ? number(mass.pounds(), 0) + " lb" : number(mass.kilograms(), 0) + " kg";
    } else if (figure instanceof Length length) {
      return us ? number(length.inches(), 0) + " in" : number(length.metres() * 100, 0) + " cm";
    } else if (figure instanceof Temperature temperature) {
      return us
          ? number(temperature.fahrenheit(), 0) + " °F"
          : number(temperature.celsius(), 0) + " °C";
    } else if (figure instanceof Heat heat) {
      return us
          ? number(heat.degreeDays(), 0) + " °F-days"
          : number(heat.degreeDays() * 5 / 9, 0) + " °C-days";
    } else if (figure instanceof Share share) {
      return number(share.percent(), 0) + " %";
    } else if (figure instanceof Money money) {
      return "$" + String.format(Locale.ENGLISH, "%,.2f", money.amount());
    } else if (figure instanceof Reason reason) {
      return reason.in(this);
    } else if (figure instanceof Measure measure) {
      return measure.in(this);
    } else if (figure instanceof Limits.Bare bare) {
      return bare.measure().bare(this);
    } else if (figure instanceof Double value) {
      return number(value, 1);
    }
    return String.valueOf(figure);
  }

  private static double rounded(double value, double step) {
    return Math.rint(value / step) * step;
  }

  private static String number(double value, int digits) {
    return String.format(Locale.ENGLISH, "%,." + digits + "f", value);
  }
}
