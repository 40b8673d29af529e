package nimblefurrow.core.cashcrop;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.Site;

/**
 * A crop as a person writes it in a cell: "corn", "corn 5/9 107", "beans, 12 May, 2.8" or "wheat".
 * What is left out is the farm's usual: its planting day and its maturity. Not a chain of crops:
 * one crop of one field in one year.
 *
 * @param planted the day written, else the crop's usual one
 * @param maturity relative maturity of corn or group of soybeans, written or usual; 0 for others
 */
public record CropLine(CropKind kind, LocalDate planted, double maturity) {
  private static final Pattern NUMBERS = Pattern.compile("(\\d{1,2})/(\\d{1,2})(?:/(\\d{2,4}))?");
  private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{2})-(\\d{2})");
  private static final Pattern DAY_FIRST =
      Pattern.compile("(\\d{1,2})\\.? ?([a-z]{3})[a-z]*\\.?(?: (\\d{4}))?");
  private static final Pattern MONTH_FIRST =
      Pattern.compile("([a-z]{3})[a-z]*\\.? (\\d{1,2})(?:,? (\\d{4}))?");
  private static final Pattern NUMBER = Pattern.compile("(?<![\\d./])\\d+(?:\\.\\d+)?(?![\\d/])");

  /**
   * Reads a cell.
   *
   * @param harvest the year in which the crop comes off
   * @param monthFirst whether 5/9 is 9 May, as where fields are counted in acres
   * @throws OutOfRange naming what is not understood
   */
  public static CropLine read(
      String text, int harvest, Site site, boolean monthFirst, Figures figures) {
    String said = text.toLowerCase(Locale.ROOT).replaceAll("[,;\\t]+", " ").strip();
    CropKind kind =
        kind(said)
            .orElseThrow(
                () ->
                    new OutOfRange(
                        "crop",
                        "a crop is corn, silage corn, soybeans, wheat or oats, got “%s”"
                            .formatted(text.strip())));
    String rest = said.replaceAll("[a-z]*(silage|corn|maize|soy|bean|wheat|oat)[a-z]*", " ");
    LocalDate usual = kind.usualPlanting(harvest, site, figures).orElseThrow();
    Optional<Found> day = day(rest, usual, monthFirst);
    String left = day.map(found -> rest.replace(found.text(), " ")).orElse(rest);
    Matcher number = NUMBER.matcher(left);
    double maturity =
        number.find() ? Double.parseDouble(number.group()) : kind.usualMaturity(figures);
    boolean has = kind.corn() || kind == CropKind.SOYBEANS;
    return new CropLine(kind, day.map(Found::day).orElse(usual), has ? maturity : 0);
  }

  private record Found(String text, LocalDate day) {}

  private static Optional<Found> day(String text, LocalDate usual, boolean monthFirst) {
    Matcher iso = ISO.matcher(text);
    if (iso.find()) {
      return Optional.of(found(iso.group(), iso.group(1), iso.group(2), iso.group(3), usual));
    }
    Matcher numbers = NUMBERS.matcher(text);
    if (numbers.find()) {
      String month = numbers.group(monthFirst ? 1 : 2);
      String day = numbers.group(monthFirst ? 2 : 1);
      return Optional.of(found(numbers.group(), numbers.group(3), month, day, usual));
    }
    Matcher dayFirst = DAY_FIRST.matcher(text);
    if (dayFirst.find() && month(dayFirst.group(2)).isPresent()) {
      String month = month(dayFirst.group(2)).get();
      return Optional.of(
          found(dayFirst.group(), dayFirst.group(3), month, dayFirst.group(1), usual));
    }
    Matcher first = MONTH_FIRST.matcher(text);
    if (first.find() && month(first.group(1)).isPresent()) {
      String month = month(first.group(1)).get();
      return Optional.of(found(first.group(), first.group(3), month, first.group(2), usual));
    }
    return Optional.empty();
  }

  private static Found found(String text, String year, String month, String day, LocalDate usual) {
    int written = year == null ? usual.getYear() : Integer.parseInt(year);
    try {
      return new Found(
          text,
          LocalDate.of(
              written < 100 ? 2000 + written : written,
              Integer.parseInt(month),
              Integer.parseInt(day)));
    } catch (DateTimeException none) {
      throw new OutOfRange("planted", "planted is a day of the calendar, got “%s”".formatted(text));
    }
  }

  private static Optional<String> month(String three) {
    return Arrays.stream(Month.values())
        .filter(m -> m.name().toLowerCase(Locale.ROOT).startsWith(three))
        .map(m -> String.valueOf(m.getValue()))
        .findFirst();
  }

  private static Optional<CropKind> kind(String said) {
    if (said.contains("silage")) {
      return Optional.of(CropKind.CORN_SILAGE);
    }
    if (said.contains("corn") || said.contains("maize")) {
      return Optional.of(CropKind.CORN_GRAIN);
    }
    if (said.contains("soy") || said.contains("bean")) {
      return Optional.of(CropKind.SOYBEANS);
    }
    if (said.contains("wheat")) {
      return Optional.of(CropKind.WINTER_WHEAT);
    }
    return said.contains("oat") ? Optional.of(CropKind.OATS) : Optional.empty();
  }
}
