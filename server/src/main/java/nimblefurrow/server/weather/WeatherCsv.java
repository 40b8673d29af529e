package nimblefurrow.server.weather;

import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SensibleDay;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.DaysOfHours;
import nimblefurrow.server.platform.files.CsvIn;
import nimblefurrow.server.platform.web.TypedNumber;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads weather by day or by hour. By hour: columns {@code time, temp_f, rain_in} or {@code time,
 * temp_c, rain_mm}, optionally wind, humidity and {@code sun_mj} of the hour; times of the farm, as
 * 2026-10-03 14:00. By day: columns {@code date, max_f, min_f, rain_in}, or {@code max_c, min_c,
 * rain_mm}; optionally {@code snow_in} or {@code snow_cm}, {@code wind_mph} or {@code wind_kmh},
 * {@code humidity}, {@code sun_mj}. Dates as 2026-10-03. An empty cell is missing, not 0.
 */
final class WeatherCsv {
  private static final int MOST_ROWS = 60_000;
  private static final int MOST_HOURS = 400_000;

  private WeatherCsv() {}

  /**
   * @param sensible which days can have been measured
   */
  static List<DailyWeather> read(
      InputStream file, double latitude, SensibleDay sensible, Figures figures) throws IOException {
    return CsvIn.read(file, table -> days(table, latitude, sensible, figures));
  }

  private static List<DailyWeather> days(
      CSVParser table, double latitude, SensibleDay sensible, Figures figures) {
    Columns columns =
        new Columns(
            table.getHeaderNames().stream()
                .filter(Objects::nonNull)
                .map(h -> h.toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet()),
            sensible);
    if (columns.hourly()) {
      List<DaysOfHours.Reading> hours = new ArrayList<>();
      for (CSVRecord row : table) {
        if (hours.size() >= MOST_HOURS) {
          throw new OutOfRange("rows", "weather has at most %,d hours".formatted(MOST_HOURS));
        }
        columns.hour(row).ifPresent(hours::add);
      }
      return DaysOfHours.of(hours, latitude, figures);
    }
    List<DailyWeather> days = new ArrayList<>();
    for (CSVRecord row : table) {
      if (days.size() >= MOST_ROWS) {
        throw new OutOfRange("rows", "weather has at most %,d rows".formatted(MOST_ROWS));
      }
      DailyWeather day = columns.day(row, latitude);
      if (day != null) {
        days.add(day);
      }
    }
    return days;
  }

  private record Columns(Set<String> names, SensibleDay sensible) {
    Columns {
      boolean us = names.containsAll(List.of("date", "max_f", "min_f", "rain_in"));
      boolean metric = names.containsAll(List.of("date", "max_c", "min_c", "rain_mm"));
      if (us == metric && !hourly(names)) {
        throw new OutOfRange(
            "columns",
            "columns are date, max_f, min_f, rain_in or date, max_c, min_c, rain_mm;"
                + " by hour time, temp_f, rain_in or time, temp_c, rain_mm; got "
                + String.join(", ", names.stream().map(Columns::cut).sorted().limit(20).toList()));
      }
    }

    private static boolean hourly(Set<String> names) {
      return names.contains("time")
          && names.containsAll(List.of("temp_f", "rain_in"))
              != names.containsAll(List.of("temp_c", "rain_mm"));
    }

    boolean hourly() {
      return hourly(names);
    }

    /** A row's hour; empty when a needed cell is, so that the hour counts as missing. */
    Optional<DaysOfHours.Reading> hour(CSVRecord row) {
      String said = row.get("time").strip().replace(' ', 'T');
      LocalDateTime at;
      try {
        at = LocalDateTime.parse(said);
        sensible.check("time", at.toLocalDate());
      } catch (DateTimeParseException e) {
        throw refused(row, "time", Reason.of("time is like 2026-10-03 14:00, got “{}”", cut(said)));
      } catch (OutOfRange e) {
        throw refused(row, "time", e.reason());
      }
      Double f = number(row, "temp_f");
      Double c = number(row, "temp_c");
      Double temp = f != null ? f : scaled(c, 1.8);
      Double rain = names.contains("temp_f") ? number(row, "rain_in") : number(row, "rain_mm");
      if (temp == null || rain == null) {
        return Optional.empty();
      }
      double degrees = f != null ? f : temp + 32;
      try {
        Limits.within("temperature", degrees, -80, 140, Unit.FAHRENHEIT);
        double in = names.contains("temp_f") ? rain : rain / 25.4;
        Limits.within("rain of an hour", in, 0, 12, Unit.INCH_OF_RAIN);
        return Optional.of(
            new DaysOfHours.Reading(
                at,
                degrees,
                in,
                Optional.ofNullable(number(row, "wind_mph"))
                    .or(() -> Optional.ofNullable(scaled(number(row, "wind_kmh"), 1 / 1.609344))),
                Optional.ofNullable(number(row, "humidity")),
                Optional.ofNullable(number(row, "sun_mj"))));
      } catch (OutOfRange e) {
        throw refused(row, e.field(), e.reason());
      }
    }

    /** A row's day; null when a needed cell is empty, so that the day counts as a gap. */
    DailyWeather day(CSVRecord row, double latitude) {
      boolean us = names.contains("max_f");
      LocalDate date;
      try {
        date = sensible.check("date", LocalDate.parse(row.get("date")));
      } catch (DateTimeParseException e) {
        throw refused(
            row, "date", Reason.of("date is like 2026-10-03, got “{}”", cut(row.get("date"))));
      } catch (OutOfRange e) {
        throw refused(row, "date", e.reason());
      }
      Double max = number(row, us ? "max_f" : "max_c");
      Double min = number(row, us ? "min_f" : "min_c");
      Double rain = number(row, us ? "rain_in" : "rain_mm");
      if (max == null || min == null || rain == null) {
        return null;
      }
      try {
        DailyWeather day =
            us
                ? DailyWeather.measured(date, max, min, rain, latitude)
                : DailyWeather.measured(
                    date, max * 9 / 5 + 32, min * 9 / 5 + 32, rain / 25.4, latitude);
        return withMore(day, row);
      } catch (OutOfRange e) {
        throw refused(row, e.field(), e.reason());
      }
    }

    private DailyWeather withMore(DailyWeather d, CSVRecord row) {
      return new DailyWeather(
          d.date(),
          d.maxF(),
          d.minF(),
          d.rainIn(),
          or(number(row, "snow_in"), scaled(number(row, "snow_cm"), 1 / 2.54), d.snowDepthIn()),
          or(number(row, "wind_mph"), scaled(number(row, "wind_kmh"), 1 / 1.609344), d.windMph()),
          or(number(row, "humidity"), null, d.humidity()),
          or(number(row, "sun_mj"), null, d.sunMj()));
    }

    private Double number(CSVRecord row, String column) {
      if (!names.contains(column) || !row.isSet(column) || row.get(column).isBlank()) {
        return null;
      }
      try {
        return TypedNumber.number(column, row.get(column));
      } catch (OutOfRange e) {
        throw refused(row, column, e.reason());
      }
    }

    private static String cut(String cell) {
      return cell.length() > 40 ? cell.substring(0, 40) + "…" : cell;
    }

    private static Double scaled(Double value, double factor) {
      return value == null ? null : value * factor;
    }

    private static double or(Double first, Double second, double otherwise) {
      return first != null ? first : second != null ? second : otherwise;
    }

    private static OutOfRange refused(CSVRecord row, String field, Reason why) {
      return new OutOfRange(field, Reason.of("line {}: {}", row.getRecordNumber() + 1, why));
    }
  }
}
