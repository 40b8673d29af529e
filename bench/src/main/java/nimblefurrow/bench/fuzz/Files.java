package nimblefurrow.bench.fuzz;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;

/** Files that nobody should send. */
final class Files {
  private static final List<String> TEXTS =
      List.of(
          "",
          "{",
          "{\"type\":\"FeatureCollection\",\"features\":[{},{},{}]}",
          "{\"type\":\"FeatureCollection\",\"features\":null}",
          "{\"type\":\"Feature\",\"geometry\":{\"type\":\"Polygon\",\"coordinates\":[[[0,0],[1e308,0],[0,\"x\"]]]}}",
          "[".repeat(5000),
          "<?xml version=\"1.0\"?><!DOCTYPE k [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;\">]><kml>&b;</kml>",
          "<kml><Placemark><Polygon><coordinates>1,2 3</coordinates></Polygon></Placemark></kml>",
          "date,max_f,min_f,rain_in\n9999-12-31,80,60,0\n",
          "date,max_f,min_f,rain_in\n2026-05-01,70f,0x1p3,0\n2026-05-02,NaN,60,0\n",
          "\uFEFFdate,max_f,min_f,rain_in\n2026-05-01,70,50,0\n90000-01-01,70,50,0\n",
          "date,max_f,min_f,rain_in\n" + "\"".repeat(2000),
          "longitude,latitude,seconds,pounds,width_ft\n-97,40,1e300,5,30\n",
          "longitude,latitude,seconds,pounds,width_ft\n-97.05,40.01,1,5,30\n-97.05,40.011,2,6,30\n",
          "%PDF-1.4 x",
          "a\u0000b,c\n\u0000\n");
  private static final List<String> NAMES =
      List.of(
          "fields.geojson",
          "fields.kml",
          "fields.zip",
          "weather.csv",
          "paper.pdf",
          "points.csv",
          "Ęłż.pdf",
          "x".repeat(3000) + ".csv",
          "..%2f..%2fetc",
          "no-ending");

  private Files() {}

  static String name(Random random) {
    return NAMES.get(random.nextInt(NAMES.size()));
  }

  static byte[] content(Random random) {
    if (random.nextInt(4) == 0) {
      byte[] junk = new byte[random.nextInt(20_000)];
      random.nextBytes(junk);
      if (junk.length > 4 && random.nextBoolean()) {
        System.arraycopy(new byte[] {'P', 'K', 3, 4}, 0, junk, 0, 4);
      }
      return junk;
    }
    return TEXTS.get(random.nextInt(TEXTS.size())).getBytes(StandardCharsets.UTF_8);
  }
}
