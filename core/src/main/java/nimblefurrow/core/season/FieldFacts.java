package nimblefurrow.core.season;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.termination.TerminationDate;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.SoilTexture;

/**
 * The land as far as the season depends on it.
 *
 * @param parts zones with ground of their own; none: the field is one
 * @param allZones whether the zones leave nothing of the field
 * @param seen what was read and felt on its ground
 * @param nitrogen that a crop finds in it, lb/ac; empty where nobody wrote any down
 * @param terminationDates days that insurers and programmes set for its covers
 * @param weeds as scored in it, else as the house has it
 * @param grainSoon whether small grain follows within two years of its cover's end
 */
public record FieldFacts(
    Area area,
    SoilTexture soil,
    boolean tiled,
    boolean organic,
    List<LandPart> parts,
    boolean allZones,
    GroundSeen seen,
    Optional<Double> nitrogen,
    List<TerminationDate> terminationDates,
    Weeds weeds,
    boolean grainSoon) {
  private static final FigureKey AREA_OVER = FigureKey.of("season", "area_over");

  public FieldFacts {
    Limits.given("area", area);
    Limits.given("soil texture", soil);
    Limits.given("what was seen of the ground", seen);
    Limits.given("weeds", weeds);
    parts = List.copyOf(parts);
    terminationDates = List.copyOf(terminationDates);
  }

  /** A field that is one. */
  public FieldFacts(Area area, SoilTexture soil, boolean tiled, boolean organic) {
    this(area, soil, tiled, organic, List.of(), false);
  }

  /** A field with zones of their own ground, of which only the station's weather is known. */
  public FieldFacts(
      Area area,
      SoilTexture soil,
      boolean tiled,
      boolean organic,
      List<LandPart> parts,
      boolean allZones) {
    this(
        area,
        soil,
        tiled,
        organic,
        parts,
        allZones,
        GroundSeen.NOTHING,
        Optional.empty(),
        List.of(),
        Weeds.USUAL,
        false);
  }

  /** The same field with what was read and felt on its ground. */
  public FieldFacts with(GroundSeen told) {
    return new FieldFacts(
        area,
        soil,
        tiled,
        organic,
        parts,
        allZones,
        told,
        nitrogen,
        terminationDates,
        weeds,
        grainSoon);
  }

  /** The same field with so much nitrogen for a crop to find, lb/ac. */
  public FieldFacts fed(Optional<Double> pounds) {
    return new FieldFacts(
        area,
        soil,
        tiled,
        organic,
        parts,
        allZones,
        seen,
        pounds,
        terminationDates,
        weeds,
        grainSoon);
  }

  /** The same field under days that insurers and programmes set. */
  public FieldFacts bound(List<TerminationDate> set) {
    return new FieldFacts(
        area, soil, tiled, organic, parts, allZones, seen, nitrogen, set, weeds, grainSoon);
  }

  /** The same field, as weedy as this. */
  public FieldFacts weedy(Weeds found) {
    return new FieldFacts(
        area,
        soil,
        tiled,
        organic,
        parts,
        allZones,
        seen,
        nitrogen,
        terminationDates,
        found,
        grainSoon);
  }

  /** The same field, with small grain within two years of its cover's end or without. */
  public FieldFacts grain(boolean soon) {
    return new FieldFacts(
        area, soil, tiled, organic, parts, allZones, seen, nitrogen, terminationDates, weeds, soon);
  }

  /** What it gives a cover to grow with. */
  public StandConditions conditions() {
    return StandConditions.on(soil).with(seen).fed(nitrogen);
  }

  /** What wheels stand on in the field outside its zones. */
  public Footing ground(boolean livingCover) {
    return new Footing(soil, tiled, livingCover, seen);
  }

  /**
   * The most that can have been worked in one go: a little over its land, for turns and overlap.
   */
  public Area mostWorked(Figures figures) {
    return Area.ofAcres(area.acres() * figures.of(AREA_OVER));
  }

  /** What wheels stand on in each part of it; a day is fit for the field when it is for all. */
  public List<Footing> grounds(boolean livingCover) {
    Stream<Footing> rest = allZones ? Stream.empty() : Stream.of(ground(livingCover));
    return Stream.concat(
            rest, parts.stream().map(p -> new Footing(p.soil(), p.tiled(), livingCover, seen)))
        .distinct()
        .toList();
  }
}
