package nimblefurrow.core.cover;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.Sunlight;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Water in the three feet that roots draw from, day by day: rain in; the cover's thirst and what
 * bare ground loses out. Silt loam holds 7 in; thirty days of 0.20 in of pull and 0.04 in of rain
 * leave 6.58 bare and 3.46 under a cover that shades eight tenths. Not the topsoil that machines
 * wait for.
 */
public final class RootZone {
  private static final FigureKey START = FigureKey.of("cover", "root_start");
  private static final FigureKey LOW = FigureKey.of("cover", "root_low");
  private static final FigureKey BARE = FigureKey.of("cover", "root_bare");
  private static final FigureKey GREEN = FigureKey.of("cover", "root_green");
  private static final FigureKey RAIN = FigureKey.of("cover", "root_rain");
  private static final RootZone ENOUGH = new RootZone();

  private final double capacity;
  private final double low;
  private final double bare;
  private final double green;
  private final double rainShare;
  private final double[] pull;
  private final double[] rain;
  private double water;

  private RootZone() {
    this.capacity = 0;
    this.low = 0;
    this.bare = 0;
    this.green = 0;
    this.rainShare = 0;
    this.pull = null;
    this.rain = null;
  }

  /** A root zone that starts with so much water, in. */
  public RootZone(SoilTexture soil, double water, Figures figures) {
    this(soil, water, figures, null, null);
  }

  private RootZone(SoilTexture soil, double water, Figures figures, double[] pull, double[] rain) {
    this.capacity = capacity(soil, figures);
    this.low = figures.of(LOW) * capacity;
    this.bare = figures.of(BARE);
    this.green = figures.of(GREEN);
    this.rainShare = figures.of(RAIN);
    this.pull = pull;
    this.rain = rain;
    this.water = water;
  }

  /** What a soil's root zone holds, in. */
  public static double capacity(SoilTexture soil, Figures figures) {
    return figures.sheet("soils").row(soil.code()).number("root_in");
  }

  /** The root zone under a stand; one that is never short where the soil is not known. */
  static RootZone of(CoverStand stand, WeatherTrace trace, Site site, Figures figures) {
    if (stand.conditions().soil().isEmpty()) {
      return ENOUGH;
    }
    SoilTexture soil = stand.conditions().soil().get();
    Sunlight.Pull asked = new Sunlight.Pull(site.latitude());
    double[] pull = trace.daily(asked, asked);
    return new RootZone(
        soil,
        figures.of(START) * capacity(soil, figures),
        figures,
        pull,
        rain(stand.conditions().seen(), trace));
  }

  private static double[] rain(GroundSeen seen, WeatherTrace trace) {
    double[] station = trace.daily("rain", d -> d.rainIn());
    if (seen.rain().isEmpty()) {
      return station;
    }
    double[] read = station.clone();
    seen.rain()
        .forEach(
            (day, in) -> {
              long index = day.toEpochDay() - trace.first().toEpochDay();
              if (index >= 0 && index < read.length) {
                read[(int) index] = in;
              }
            });
    return read;
  }

  /** What its water lets growth reach, 0–1: all of it down to half of what it holds. */
  public double allows() {
    return low <= 0 ? 1 : Math.min(1, water / low);
  }

  void day(int index, double groundCover) {
    if (pull != null) {
      day(pull[index], rain[index], groundCover, 1);
    }
  }

  /**
   * A day's water in and out.
   *
   * @param pull what the day could evaporate, in
   * @param rain in
   * @param groundCover share of the ground under living plants, 0–1
   * @param sheltered share of bare evaporation that a dead mat lets through, 0–1
   */
  public void day(double pull, double rain, double groundCover, double sheltered) {
    double out = pull * (bare * (1 - groundCover) * sheltered + green * groundCover * allows());
    water = Math.max(0, Math.min(capacity, water - out + rainShare * rain));
  }

  /** Water that it holds now, in. */
  public double inches() {
    return water;
  }
}
