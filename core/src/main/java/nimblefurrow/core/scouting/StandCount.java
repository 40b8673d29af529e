package nimblefurrow.core.scouting;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;

/**
 * Plants counted within a hoop or along a row at several spots. 96 plants in four spots of 3 ft of
 * a 7.5 in row are 12.8 per ft². Small grains from green-up are judged by their stems. Not a count
 * of stems past flowering: see {@link StemCount}.
 *
 * @param plants by spot, 0–2,000 each
 * @param squareFeet ground of each spot, more than 0 to 100
 * @param stemsPerPlant where stems were looked at, 1–40; empty: plants only
 */
public record StandCount(List<Integer> plants, double squareFeet, Optional<Double> stemsPerPlant) {
  private static final FigureKey STEMS_FULL = FigureKey.of("scouting", "stems_full");
  private static final FigureKey STEMS_FAIR = FigureKey.of("scouting", "stems_fair");

  /** How a stand is judged. */
  public enum Verdict {
    GOOD,
    FAIR,
    POOR,
    /** There is no figure for the species. */
    UNKNOWN
  }

  public StandCount {
    plants = List.copyOf(plants);
    if (plants.isEmpty() || plants.size() > 100) {
      throw new OutOfRange("spots", "spots are 1–100, got " + plants.size());
    }
    plants.forEach(p -> Limits.within("plants of a spot", p, 0, 2000, Unit.NONE));
    Limits.positive("ground of a spot", squareFeet, 100, Unit.SQUARE_FOOT);
    stemsPerPlant.ifPresent(s -> Limits.within("stems per plant", s, 1, 40, Unit.NONE));
  }

  /** The ground of a piece of row, ft²: 3 ft of rows 7.5 in apart are 1.875. */
  public static double squareFeetOfRow(double feet, double rowInches) {
    return SampleMean.squareFeetOfRow(
        Limits.positive("length of row", feet, 200, Unit.FOOT),
        Limits.positive("row spacing", rowInches, 120, Unit.INCH));
  }

  private SampleMean sample() {
    return SampleMean.perSquareFoot(
        plants.stream().mapToInt(Integer::intValue).toArray(), squareFeet);
  }

  /** Plants per ft², mean of the spots. */
  public double perSquareFoot() {
    return sample().mean();
  }

  /** Stems per ft²; empty where none were looked at. */
  public Optional<Double> stemsPerSquareFoot() {
    return stemsPerPlant.map(s -> s * perSquareFoot());
  }

  /** Half width of the 90 % interval of plants per ft²; empty for a single spot. */
  public Optional<Double> halfWidth() {
    return Optional.of(sample()).filter(SampleMean::told).map(SampleMean::halfWidth);
  }

  /** Share of the spots that are poor for a species, 0–1; empty where there is no figure for it. */
  public Optional<Share> poorSpots(Species species) {
    return marks(species)
        .map(
            marks -> {
              double times = marks.stems() ? stemsPerPlant.orElseThrow() : 1;
              long poor =
                  plants.stream()
                      .filter(p -> marks.of(times * p / squareFeet) == Verdict.POOR)
                      .count();
              return Share.of((double) poor / plants.size());
            });
  }

  /** Share of the spots without a single plant, 0–1. */
  public double skips() {
    return plants.stream().filter(p -> p == 0).count() / (double) plants.size();
  }

  /** How it is judged for a species: by stems where they were looked at, else by plants. */
  public Verdict verdict(Species species) {
    return marks(species).map(this::verdict).orElse(Verdict.UNKNOWN);
  }

  /** The marks that this count of a species is judged by; empty where there is no figure. */
  public Optional<Marks> marks(Species species) {
    return marks(species, stemsPerPlant.isPresent());
  }

  /** The marks of a species, for plants or for stems. */
  public static Optional<Marks> marks(Species species, boolean stems) {
    Figures figures = species.figures();
    if (species.smallGrain() && stems) {
      return Optional.of(new Marks(figures.of(STEMS_FULL), figures.of(STEMS_FAIR), true));
    }
    return species
        .goodStand()
        .flatMap(good -> species.poorStand().map(poor -> new Marks(good, poor, false)));
  }

  /**
   * What a stand is judged by, per ft².
   *
   * @param good from which it is good
   * @param fair under which it is poor
   * @param stems whether stems are counted, not plants
   */
  public record Marks(double good, double fair, boolean stems) {
    /** How so many per ft² are judged. */
    public Verdict of(double stand) {
      // A stand of plants at the poor mark itself is poor; stems at theirs are fair.
      boolean enough = stems ? stand >= fair : stand > fair;
      return stand >= good ? Verdict.GOOD : enough ? Verdict.FAIR : Verdict.POOR;
    }
  }

  /** How it is judged by marks. */
  public Verdict verdict(Marks marks) {
    return marks.of(marks.stems() ? stemsPerSquareFoot().orElse(0.0) : perSquareFoot());
  }

  /**
   * Plants per ft² that cover the ground as this stand does: stems of small grain count against the
   * stems of a full stand as plants do against a good one.
   */
  public double asPlants(Species species) {
    if (species.smallGrain() && stemsPerPlant.isPresent() && species.goodStand().isPresent()) {
      return stemsPerSquareFoot().orElseThrow()
          * species.goodStand().get()
          / species.figures().of(STEMS_FULL);
    }
    return perSquareFoot();
  }
}
