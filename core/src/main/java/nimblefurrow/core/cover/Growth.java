package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Growth of one species from day to day: what it shades turns sun into dry matter, as warm as the
 * day is, less with age, thirst and hunger; cold nights take back. Cereal rye of 1,000 lb/ac grows
 * 88 lb/ac on a day of 66/44 °F with 18 MJ/m² of sun. It is the curve itself: how far a field may
 * stray from it is {@link MatForecast}'s.
 *
 * <p>Source: light use by ground cover, fitted to published weights, ± 25 % being usual.
 */
public final class Growth {
  private static final FigureKey SEEDLING = FigureKey.of("cover", "seedling_weight");
  private static final FigureKey USUAL_EMERGENCE = FigureKey.of("cover", "usual_emergence");
  private static final FigureKey SLOW_LEGUME = FigureKey.of("cover", "slow_legume");
  private static final FigureKey COLD_NIGHT_F = FigureKey.of("cover", "cold_night");
  private static final FigureKey CEILING_POWER = FigureKey.of("cover", "ceiling_power");
  private static final FigureKey STAND_FULLNESS = FigureKey.of("cover", "stand_fullness");
  private static final FigureKey THICK = FigureKey.of("cover", "thick_stand");
  private static final double SQUARE_FEET = 43_560;

  private final Species species;
  private final GrowthFigures g;
  private final CoverStand stand;
  private final Site site;
  private final Figures figures;
  private final HeatBase base;
  private final double thick;
  private final double shade;
  private final double seedling;
  private final double flowers;
  private final double ends;
  private final double slow;
  private final double coldNightF;
  private final double ceilingPower;
  private final double leafy;
  private final double feeds;

  /** Growth of one member of a stand. */
  public Growth(Species species, CoverStand stand, Site site) {
    this.species = species;
    this.g = species.growth();
    this.stand = stand;
    this.site = site;
    this.figures = species.figures();
    this.base = g.emerges().base();
    this.slow = figures.of(SLOW_LEGUME);
    this.coldNightF = figures.of(COLD_NIGHT_F);
    this.ceilingPower = figures.of(CEILING_POWER);
    Optional<Double> plants = Optional.ofNullable(stand.seen().plants().get(species.id()));
    this.thick = plants.map(this::thickness).orElse(figures.of(THICK));
    this.shade = g.halfCover() * thick;
    this.leafy = g.leafy().orElse(Double.NEGATIVE_INFINITY);
    this.feeds =
        g.nitrogenNeed()
            .flatMap(need -> stand.conditions().nitrogenLbAc().map(supply -> supply / need))
            .orElse(Double.POSITIVE_INFINITY);
    double usual = species.usual().poundsPerAcre();
    double usualPlants = usualPlants(species);
    this.seedling =
        figures.of(SEEDLING) * usual * Math.sqrt(plants.map(p -> p / usualPlants).orElse(1.0));
    double shift = species.winterHardy() ? StageForecast.shift(species, stand, site) : 0;
    this.flowers = g.flowers().map(h -> h + shift).orElse(Double.POSITIVE_INFINITY);
    this.ends = g.ends().map(h -> h + shift).orElse(Double.POSITIVE_INFINITY);
  }

  /** Live plants per ft² of a species' usual drilled rate: 19.8 of cereal rye. */
  public static double usualPlants(Species species) {
    return species.usual().poundsPerAcre()
        * species.seedsPerPound()
        / SQUARE_FEET
        * species.figures().of(USUAL_EMERGENCE);
  }

  /** What so many plants per ft² shade at most, 0 to the most that any stand does. */
  double thickness(double plants) {
    return species
        .goodStand()
        .map(good -> 1 - Math.exp(-figures.of(STAND_FULLNESS) * plants / good))
        .map(c -> Math.min(figures.of(THICK), c))
        .orElse(figures.of(THICK));
  }

  /** The share of the ground that it covers when it weighs so much, 0–1. */
  public double groundCover(double pounds) {
    return thick <= 0 ? 0 : thick * (1 - Math.exp(-pounds / shade));
  }

  /**
   * What a day adds, lb/ac dry.
   *
   * @param pounds standing in the morning, lb/ac dry
   * @param light sun of the day, MJ/m², times the share of full warmth
   * @param heat since the turn of the year, or since sowing for what winter kills, °F-days
   * @param held share that water and nitrogen allow, 0–1
   */
  double ofDay(double pounds, double light, double heat, double held) {
    return grown(pounds, groundCover(pounds), light, heat) * held;
  }

  private double grown(double pounds, double covered, double light, double heat) {
    double room = Math.max(0, 1 - power(pounds / g.ceiling()));
    double young = heat < leafy ? slow : 1;
    return g.lightUse() * light * covered * room * age(heat) * young;
  }

  /** Three by the figures that come with it, where a library's power is ten times as slow. */
  private double power(double full) {
    return ceilingPower == 3 ? full * full * full : Math.pow(full, ceilingPower);
  }

  private double age(double heat) {
    if (heat <= flowers) {
      return 1;
    }
    return heat >= ends ? 0 : (ends - heat) / (ends - flowers);
  }

  /** The share of full warmth that a day of this mean temperature has, 0–1. */
  public double warmth(double meanF) {
    return held((meanF - g.growsFromF()) / (g.growsFullF() - g.growsFromF()));
  }

  private static double held(double share) {
    return Math.max(0, Math.min(1, share));
  }

  /** What nitrogen allows a stand of this weight, 0–1. */
  public double fed(double pounds) {
    return pounds <= feeds ? 1 : feeds / pounds;
  }

  private record Light(double fromF, double fullF) {}

  /**
   * Dry matter by day from sowing, lb/ac, in one way the weather may run.
   *
   * @param days how many days from sowing are told of
   */
  float[] run(WeatherTrace trace, int days) {
    float[] pounds = new float[days];
    int first = (int) (stand.seeded().toEpochDay() - trace.first().toEpochDay());
    double[] light =
        trace.daily(new Light(g.growsFromF(), g.growsFullF()), d -> d.sunMj() * warmth(d.meanF()));
    double[] heat = trace.daily(base, d -> base.degreeDays(d.maxF(), d.minF()));
    double[] lows = trace.daily("low", DailyWeather::minF);
    Frost frost = species.winterHardy() ? null : Frost.of(species, trace, stand, site);
    int stops = frost == null ? days : dayOf(frost.stopped(), days);
    int dies = frost == null ? days : dayOf(frost.killed(), days);
    int countFrom =
        species.winterHardy() ? Math.max(0, dayOf(site.springStart(stand.seeded()), days)) : 0;
    boolean drinks = stand.conditions().soil().isPresent();
    double emerges = g.emerges().degreeDays();
    RootZone water = RootZone.of(stand, trace, site, figures);
    double[] warm = Residue.warmDays(trace, figures);
    double rotted = 0;
    double sown = 0;
    double age = 0;
    double now = 0;
    for (int day = 0; day < days; day++) {
      int i = first + day;
      if (i < 0 || i >= heat.length) {
        pounds[day] = (float) now;
        continue;
      }
      sown += heat[i];
      age += day >= countFrom ? heat[i] : 0;
      boolean up = now > 0;
      boolean grows = up && day < stops && light[i] > 0 && age < ends;
      double covered = up && (grows || drinks) ? groundCover(now) : 0;
      if (grows) {
        now += grown(now, covered, light[i], age) * fed(now) * water.allows();
      } else if (!up) {
        now = sown >= emerges ? seedling : 0;
      }
      if (up && lows[i] <= coldNightF) {
        now *= 1 - g.nightLoss();
      }
      water.day(i, covered);
      rotted += day > dies ? warm[i] : 0;
      pounds[day] =
          (float) (day <= dies ? now : now * Residue.left(figures, g.cnVegetative(), rotted / 7));
    }
    return pounds;
  }

  private int dayOf(LocalDate date, int days) {
    return date == null ? days : (int) (date.toEpochDay() - stand.seeded().toEpochDay());
  }
}
