package nimblefurrow.core.seeding;

import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.weather.SoilTexture;

/**
 * How seed fares by each way in: the share that comes up, and the rate against drilling, from the
 * sheet "ways" of the farm's figures. Example: drilled, 0.80 of the live seed comes up to start
 * with.
 */
public record MethodFigures(Figures figures) {
  private static final String SHEET = "ways";

  /**
   * Times the drilled rate.
   *
   * @param even whether the farm counts on very even placement
   */
  public double rateFactor(SeedingMethod way, boolean even) {
    Row row = row(way);
    double rate = row.number("rate");
    return even ? row.find("rate_even").orElse(rate) : rate;
  }

  /** Share of live seed of a species that becomes a plant. */
  public double emergence(SeedingMethod way, Species species, SoilTexture soil) {
    return emergence(way, species, soil, false);
  }

  /**
   * The same where slurry may carry the seed.
   *
   * @param thickSlurry slurry so thick that it leaves the seed on top, as it is left on coarse sand
   */
  public double emergence(
      SeedingMethod way, Species species, SoilTexture soil, boolean thickSlurry) {
    Row row = row(way);
    double ordinary = row.number("emergence");
    Optional<Double> onSand =
        soil == SoilTexture.SAND || thickSlurry && way == SeedingMethod.SLURRY
            ? row.find("emergence_sand")
            : Optional.empty();
    double share = onSand.orElse(ordinary);
    return way.surface() ? share * onTop(species) : share;
  }

  /** What lying on top leaves a species of it, by how well it is suited. */
  private double onTop(Species species) {
    return figures.sheet("surface").row(String.valueOf(species.air())).number("comes_up");
  }

  private Row row(SeedingMethod way) {
    return figures.sheet(SHEET).row(way.code());
  }
}
