package nimblefurrow.server.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.order.OrderDesk.Price;
import nimblefurrow.server.platform.web.TypedNumber;

/**
 * Prices pasted from a spreadsheet: a line each with species, dealer, pounds in a pack, dollars a
 * pound, parted by tabs (or semicolons). A heading line is passed over.
 */
final class PastedPrices {
  private static final int COLUMNS = 4;
  private static final int MOST_LINES = 200;

  private PastedPrices() {}

  /**
   * @param units in which packs and prices are written
   */
  static List<Price> read(String pasted, UnitSystem units) {
    String mass = units == UnitSystem.US ? "pounds" : "kilograms";
    String price = "dollars a " + (units == UnitSystem.US ? "pound" : "kilogram");
    List<Price> prices = new ArrayList<>();
    int number = 0;
    for (String line : pasted.split("\\R")) {
      number++;
      if (line.isBlank() || (number == 1 && line.toLowerCase(Locale.ROOT).startsWith("species"))) {
        continue;
      }
      if (prices.size() == MOST_LINES) {
        throw new OutOfRange("prices", "at most %d lines of prices".formatted(MOST_LINES));
      }
      String[] cells = line.split(line.contains("\t") ? "\t" : ";", -1);
      if (cells.length != COLUMNS) {
        throw new OutOfRange(
            "prices",
            "line %d has %d columns; it needs species, dealer, %s in a pack, %s"
                .formatted(number, cells.length, mass, price));
      }
      prices.add(
          new Price(
              species(cells[0].strip(), number),
              cells[1].strip(),
              Unit.POUND.from(units, figure(mass + " in a pack", cells[2], number, 5000)),
              Unit.DOLLAR_PER_POUND.from(units, figure(price, cells[3], number, 100))));
    }
    return prices;
  }

  private static String species(String typed, int line) {
    return Catalogue.shipped().all().stream()
        .filter(s -> s.name().equalsIgnoreCase(typed) || s.id().equalsIgnoreCase(typed))
        .map(Species::id)
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRange(
                    "species", "line %d: there is no species “%s”".formatted(line, typed)));
  }

  private static double figure(String what, String typed, int line, double most) {
    try {
      double value = TypedNumber.number(what, typed.replace("$", "").replace(",", ""));
      if (value > 0 && value <= most) {
        return value;
      }
    } catch (OutOfRange notANumber) {
      // said below, with the line
    }
    throw new OutOfRange(
        what,
        "line %d: %s is more than 0 and at most %.0f, got “%s”"
            .formatted(line, what, most, typed.strip()));
  }
}
