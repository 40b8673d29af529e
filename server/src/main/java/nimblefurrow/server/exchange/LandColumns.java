package nimblefurrow.server.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.field.Drainage;
import nimblefurrow.server.field.Fields.Land;
import nimblefurrow.server.platform.web.TypedNumber;

/**
 * What the columns of a file say of a field's land and crops, recognised by their titles. Example:
 * "Crop" corn, "Planted" 5/9, "RM" 107, "Soil" silt loam, "Crop 2025" soybeans. A cell that is not
 * understood is told and left out; it never takes its field down. Columns with other titles are not
 * read.
 */
final class LandColumns {
  private static final Pattern CROP_OF_YEAR = Pattern.compile("crop((?:19|20)\\d\\d)");
  private static final Pattern OTHERS = Pattern.compile("[^a-z0-9]");

  /** A column that is known, with the titles that it bears in files. */
  enum Column {
    CROP("crop", "cashcrop", "cropname"),
    PLANTED("planted", "plantingdate", "planting", "plantdate", "plantedon"),
    MATURITY("maturity", "rm", "relmaturity", "relativematurity", "group", "maturitygroup", "mg"),
    SOIL("soil", "texture", "soiltexture"),
    DRAINAGE("drainage"),
    TILED("tiled", "tile", "tiledrained"),
    ORGANIC("organic"),
    FARMSTEAD("farmstead", "place", "yard"),
    SLOPE("slope", "slopepercent", "slopepct");

    private final List<String> titles;

    Column(String... titles) {
      this.titles = List.of(titles);
    }

    static Optional<Column> titled(String title) {
      for (Column column : values()) {
        if (column.titles.contains(title)) {
          return Optional.of(column);
        }
      }
      return Optional.empty();
    }
  }

  /** A crop as it was written for the year in which it comes off. */
  record WrittenInYear(int year, String text) {}

  private final Map<Column, String> cells = new TreeMap<>();
  private final Map<Integer, String> cropsOfYears = new TreeMap<>();
  private final Set<String> read = new TreeSet<>();
  private final List<String> notes = new ArrayList<>();

  LandColumns(Map<String, String> said) {
    said.forEach(
        (title, text) -> {
          String plain = OTHERS.matcher(title.toLowerCase(Locale.ROOT)).replaceAll("");
          Matcher year = CROP_OF_YEAR.matcher(plain);
          Optional<Column> column = Column.titled(plain);
          if (year.matches() || column.isPresent()) {
            read.add(title);
          }
          if (!text.isBlank() && year.matches()) {
            cropsOfYears.put(Integer.valueOf(year.group(1)), text);
          } else if (!text.isBlank()) {
            column.ifPresent(c -> cells.put(c, text.strip()));
          }
        });
  }

  /** Titles of the columns that were recognised. */
  Set<String> read() {
    return read;
  }

  /** What was not understood, cell by cell; complete once the land was asked for. */
  List<String> notes() {
    return notes;
  }

  /** The crops that the columns name; one without a year is this season's. */
  List<WrittenInYear> crops(int season) {
    List<WrittenInYear> crops = new ArrayList<>();
    cropsOfYears.forEach((year, text) -> crops.add(new WrittenInYear(year, text)));
    if (cells.containsKey(Column.CROP)) {
      crops.add(
          new WrittenInYear(
              season,
              String.join(
                  " ",
                  cells.get(Column.CROP),
                  cells.getOrDefault(Column.PLANTED, ""),
                  cells.getOrDefault(Column.MATURITY, ""))));
    }
    return crops;
  }

  /** The land of a field that is new. */
  Land land(String name) {
    return over(Land.usual(name), name);
  }

  /** The land of a field with what the columns say over it. */
  Land over(Land land, String name) {
    return new Land(
        name,
        Optional.ofNullable(cells.get(Column.FARMSTEAD)).orElse(land.farmstead()),
        cell(Column.SOIL, LandColumns::soil).orElse(land.soil()),
        cell(Column.DRAINAGE, LandColumns::drainage).orElse(land.drainage()),
        cell(Column.TILED, text -> yes("tiled", text)).orElse(land.tiled()),
        cell(Column.ORGANIC, text -> yes("organic", text)).orElse(land.organic()),
        cell(Column.SLOPE, LandColumns::slope).orElse(land.slopePercent()),
        land.note(),
        land.access());
  }

  private interface Reading<T> {
    T of(String text);
  }

  private <T> Optional<T> cell(Column column, Reading<T> reading) {
    try {
      return Optional.ofNullable(cells.get(column)).map(reading::of);
    } catch (OutOfRange refused) {
      notes.add(refused.getMessage());
      return Optional.empty();
    }
  }

  private static SoilTexture soil(String text) {
    String code = text.toLowerCase(Locale.ROOT).replaceAll("[ _-]+", "_");
    return Coded.of(SoilTexture.class, code)
        .orElseThrow(
            () ->
                new OutOfRange(
                    "soil", "soil is sand, loam, silt loam or clay, got “%s”".formatted(text)));
  }

  private static Drainage drainage(String text) {
    String said = text.toLowerCase(Locale.ROOT);
    if (said.startsWith("good") || said.startsWith("well")) {
      return Drainage.GOOD;
    }
    if (said.startsWith("moderate")) {
      return Drainage.MODERATE;
    }
    if (said.startsWith("poor")) {
      return Drainage.POOR;
    }
    throw new OutOfRange(
        "drainage", "drainage is good, moderate or poor, got “%s”".formatted(text));
  }

  private static boolean yes(String column, String text) {
    return switch (text.toLowerCase(Locale.ROOT)) {
      case "yes", "y", "true", "1", "x" -> true;
      case "no", "n", "false", "0" -> false;
      default -> throw new OutOfRange(column, "%s is yes or no, got “%s”".formatted(column, text));
    };
  }

  private static double slope(String text) {
    return Limits.within("slope", TypedNumber.number("slope", text), 0, 60, Unit.PERCENT);
  }
}
