package nimblefurrow.server;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.WeatherGenerator;
import tools.jackson.databind.JsonNode;

/** Small farms and files that tests put together. */
final class TestFarm {
  static final String ONE_FIELD =
      "{\"type\":\"Feature\",\"properties\":{\"name\":\"%s\"},"
          + "\"geometry\":{\"type\":\"Polygon\",\"coordinates\":[[[-97.01,40],[-97,40],[-97,"
          + "40.0075],[-97.01,40.0075],[-97.01,40]]]}}";

  private TestFarm() {}

  /** A field with soybeans this year and corn next year; answers its id. */
  static String field(Caller caller, String name) {
    caller.upload(
        "/api/v1/exchange/fields?save=true",
        "f.geojson",
        ONE_FIELD.formatted(name).getBytes(StandardCharsets.UTF_8));
    String id = "";
    for (var entry : caller.get("/api/v1/fields").json()) {
      id =
          entry.path("field").path("name").asString().equals(name)
              ? entry.path("field").path("id").asString()
              : id;
    }
    LocalDate today =
        LocalDate.parse(caller.get("/api/v1/session").json().path("today").asString());
    int year =
        today.isBefore(LocalDate.of(today.getYear(), 6, 5)) ? today.getYear() - 1 : today.getYear();
    caller.post(
        "/api/v1/fields/" + id + "/crops",
        Map.of("kind", "SOYBEANS", "planted", year + "-05-12", "maturity", 3.0));
    caller.post(
        "/api/v1/fields/" + id + "/crops",
        Map.of(
            "kind",
            "CORN_GRAIN",
            "planted",
            (year + 1) + "-05-03",
            "maturity",
            104,
            "harvestMoisture",
            20));
    return id;
  }

  /** First yellow leaves seen in a field on a day; answers the entry's id. */
  static UUID entry(Caller caller, String field, String day) {
    UUID id = UUID.randomUUID();
    Caller.Answer kept =
        caller.post(
            "/api/v1/log",
            Map.of(
                "id",
                id,
                "fieldId",
                field,
                "on",
                day,
                "fact",
                Map.of("kind", "CROP_STAGE", "stage", "FIRST_YELLOW")));
    if (kept.status() != 200) {
      throw new IllegalStateException("no entry: " + kept.text());
    }
    return id;
  }

  static Map<String, Object> cover(String way, String termination, Object... speciesAndShares) {
    List<Map<String, Object>> members = new java.util.ArrayList<>();
    for (int i = 0; i < speciesAndShares.length; i += 2) {
      members.add(Map.of("species", speciesAndShares[i], "share", speciesAndShares[i + 1]));
    }
    Map<String, Object> cover = new HashMap<>();
    cover.put("goal", "KEEP_NITROGEN");
    cover.put("termination", termination);
    cover.put("way", way);
    cover.put("members", members);
    return cover;
  }

  /** 26 years of daily weather as a file, made warmer or colder by some °F. */
  static byte[] weatherCsv(double warmerF, boolean metric) {
    StringBuilder csv =
        new StringBuilder(metric ? "date,max_c,min_c,rain_mm\n" : "date,max_f,min_f,rain_in\n");
    for (DailyWeather d :
        new WeatherGenerator(40, 77, Figures.shipped())
            .generate(LocalDate.of(2000, 1, 1), LocalDate.of(2025, 12, 31))
            .days()) {
      double max = d.maxF() + warmerF;
      double min = d.minF() + warmerF;
      csv.append(d.date()).append(',');
      if (metric) {
        csv.append((max - 32) * 5 / 9)
            .append(',')
            .append((min - 32) * 5 / 9)
            .append(',')
            .append(d.rainIn() * 25.4);
      } else {
        csv.append(max).append(',').append(min).append(',').append(d.rainIn());
      }
      csv.append('\n');
    }
    return csv.toString().getBytes(StandardCharsets.UTF_8);
  }

  /** Where a job stands under the board's address. */
  static String path(JsonNode job) {
    return job.path("id").path("cover").asString()
        + "/"
        + job.path("id").path("operation").asString();
  }
}
