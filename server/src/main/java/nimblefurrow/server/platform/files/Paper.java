package nimblefurrow.server.platform.files;

import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;

/** Says figures on a printed page, or in a file to send, in the farm's units. */
public record Paper(UnitSystem units) {

  /** A figure kept in {@code unit}, in the farm's units, without its word. */
  public String number(double value, Unit unit, int digits) {
    return plain(unit.in(units, value), digits);
  }

  /** A figure that has no unit. */
  public static String plain(double value, int digits) {
    return String.format(Locale.ENGLISH, "%,." + digits + "f", value);
  }

  /** A figure with its word, for example "30 ft" or "9 m". */
  public String said(double value, Unit unit, int digits) {
    return number(value, unit, digits) + " " + unit.word(units);
  }

  /** The words of the units that templates name, and the size of the sheet. */
  public Map<String, String> words() {
    boolean us = units == UnitSystem.US;
    return Map.of(
        "area", Unit.ACRE.word(units),
        "rate", Unit.POUND_PER_ACRE.word(units),
        "mass", Unit.POUND.word(units),
        "price", Unit.DOLLAR_PER_POUND.word(units),
        "sheet", us ? "letter" : "A4",
        "done", us ? "Acres done" : "Hectares done",
        "used", us ? "Pounds used, by lot" : "Kilograms used, by lot");
  }
}
