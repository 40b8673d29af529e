package nimblefurrow.bench;

import java.io.PrintStream;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.advice.Advice;
import nimblefurrow.core.advice.Ask;
import nimblefurrow.core.advice.SeasonLore;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.flight.FlightJob;
import nimblefurrow.core.flight.FlightPlanner;
import nimblefurrow.core.flight.Hazard;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherGenerator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** How long ranking all species by all ways in takes, and a flight plan over a quarter section. */
final class SeedingSpeed {
  private static final int FIELDS = 600;
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 10);
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private SeedingSpeed() {}

  static void print(PrintStream out) {
    Outlook outlook =
        Outlook.of(
            Figures.shipped(),
            new Site(40.5, -97),
            new WeatherGenerator(40.5, 11, Figures.shipped())
                .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2025, 12, 31)),
            null,
            List.of(),
            TODAY,
            LocalDate.of(2026, 1, 1),
            LocalDate.of(2027, 12, 31));
    List<Ask> asks = new ArrayList<>();
    for (int i = 0; i < FIELDS; i++) {
      asks.add(ask(i, outlook));
    }
    out.printf(
        Locale.ROOT,
        "%nAdvice: 26 species by %d ways in, mixes of up to three, 28 climate years%n",
        SeedingMethod.values().length);
    Catalogue catalogue = Catalogue.shipped();
    double[] all = new double[5];
    for (int round = 0; round < all.length; round++) {
      SeasonLore lore = new SeasonLore(outlook);
      long start = System.nanoTime();
      asks.parallelStream().forEach(a -> Advice.of(a, catalogue, lore));
      all[round] = millis(start);
    }
    out.printf(
        Locale.ROOT,
        "  %d fields: first %.0f ms, then %.0f ms (median of %d)%n",
        FIELDS,
        all[0],
        median(all),
        all.length);
    double[] cold = new double[40];
    double[] warm = new double[40];
    SeasonLore lore = new SeasonLore(outlook);
    for (int i = 0; i < cold.length; i++) {
      long start = System.nanoTime();
      Advice.of(asks.get(i), catalogue, new SeasonLore(outlook));
      cold[i] = millis(start);
      Advice.of(asks.get(i), catalogue, lore);
      start = System.nanoTime();
      Advice.of(asks.get(i), catalogue, lore);
      warm[i] = millis(start);
    }
    out.printf(
        Locale.ROOT,
        "  one field: %.1f ms with the weather's part known, %.1f ms from nothing (medians)%n",
        median(warm),
        median(cold));
    flights(out);
  }

  private static Ask ask(int i, Outlook outlook) {
    CropKind[] kinds = {
      CropKind.CORN_GRAIN, CropKind.SOYBEANS, CropKind.CORN_SILAGE, CropKind.OATS
    };
    CropKind kind = kinds[i % kinds.length];
    LocalDate planted =
        kind == CropKind.OATS
            ? LocalDate.of(2026, 4, 1)
            : LocalDate.of(2026, 4, 25).plusDays(i % 20);
    double maturity = kind == CropKind.SOYBEANS ? 2.2 + i % 5 * 0.3 : 100 + i % 12;
    return new Ask(
        CropCalendar.of(
            new CropPlanting(kind, planted, maturity, 20, Map.of(), List.of()), outlook),
        Map.of(Goal.HOLD_SOIL, 1.0, Goal.values()[1 + i % (Goal.values().length - 1)], 2.0),
        EnumSet.allOf(SeedingMethod.class),
        TerminationMethod.values()[i % TerminationMethod.values().length],
        new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 10)),
        SoilTexture.SILT_LOAM,
        false,
        List.of(),
        Map.of(),
        HouseRules.usual(Figures.shipped()),
        3,
        Optional.empty());
  }

  private static void flights(PrintStream out) {
    Geometry quarter = SHAPES.toGeometry(new Envelope(-97.0095, -97, 40, 40.00725));
    List<Hazard> hazards =
        List.of(
            new Hazard(
                MarkKind.WIRE,
                "",
                SHAPES.createLineString(
                    new Coordinate[] {
                      new Coordinate(-97.02, 40.0021), new Coordinate(-97.004, 40.0034)
                    }),
                Length.ofFeet(50)),
            new Hazard(
                MarkKind.HOUSE,
                "",
                SHAPES.createPoint(new Coordinate(-97.003, 40.001)),
                Length.ofFeet(150)),
            new Hazard(
                MarkKind.OPEN_WATER,
                "",
                SHAPES.createPoint(new Coordinate(-97.006, 40.005)).buffer(0.0005),
                Length.ofFeet(50)));
    Boundary field = Boundary.of("quarter", quarter);
    for (boolean marked : new boolean[] {false, true}) {
      double[] took = new double[25];
      int flights = 0;
      for (int i = 0; i < took.length; i++) {
        long start = System.nanoTime();
        flights = FlightPlanner.plan(job(field, marked ? hazards : List.of())).flights().size();
        took[i] = millis(start);
      }
      out.printf(
          Locale.ROOT,
          "Flight plan, %.0f acres, %s: %d flights, first %.0f ms, median %.0f ms%n",
          field.area().acres(),
          marked ? "three hazards" : "no hazard",
          flights,
          took[0],
          median(took));
    }
  }

  private static FlightJob job(Boundary field, List<Hazard> hazards) {
    return new FlightJob(
        field,
        hazards,
        new Coordinate(-97.0098, 40.0001),
        Length.ofFeet(30),
        Length.ofFeet(0),
        Optional.empty(),
        SeedRate.poundsPerAcre(90),
        Mass.ofPounds(88),
        Speed.feetPerSecond(20),
        Duration.ofSeconds(4),
        Duration.ofMinutes(9));
  }

  private static double millis(long start) {
    return (System.nanoTime() - start) / 1e6;
  }

  private static double median(double[] values) {
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    return sorted[sorted.length / 2];
  }
}
