package nimblefurrow.core.season;

import java.util.List;
import java.util.stream.Stream;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.work.Footing;

/**
 * The land as far as the season depends on it.
 *
 * @param parts zones with ground of their own; none: the field is one
 * @param allZones whether the zones leave nothing of the field
 */
public record FieldFacts(
    Area area,
    SoilTexture soil,
    boolean tiled,
    boolean organic,
    List<LandPart> parts,
    boolean allZones) {
  private static final FigureKey AREA_OVER = FigureKey.of("season", "area_over");

  public FieldFacts {
    Limits.given("area", area);
    Limits.given("soil texture", soil);
    parts = List.copyOf(parts);
  }

  /** A field that is one. */
  public FieldFacts(Area area, SoilTexture soil, boolean tiled, boolean organic) {
    this(area, soil, tiled, organic, List.of(), false);
  }

  /**
   * The most that can have been worked in one go: a little over its land, for turns and overlap.
   */
  public Area mostWorked(Figures figures) {
    return Area.ofAcres(area.acres() * figures.of(AREA_OVER));
  }

  /** What wheels stand on in each part of it; a day is fit for the field when it is for all. */
  public List<Footing> grounds(boolean livingCover) {
    Stream<Footing> rest =
        allZones ? Stream.empty() : Stream.of(new Footing(soil, tiled, livingCover));
    return Stream.concat(
            rest, parts.stream().map(p -> new Footing(p.soil(), p.tiled(), livingCover)))
        .distinct()
        .toList();
  }
}
