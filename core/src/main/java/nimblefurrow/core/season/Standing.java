package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What a person who stops at a field sees there on a day. Example: on 10 September corn, with
 * cereal rye coming up in it; on 20 April cereal rye, 1,200 lb/ac; on 1 June corn again. A crop
 * stands until half of the years have harvested it. Not what is planned: a cover that is not sown
 * does not stand.
 *
 * @param crop the cash crop, while it stands
 * @param cover the cover by its name, alive or lying dead
 * @param pounds its dry matter, lb/ac; empty where there is no cover
 */
public record Standing(
    Kind kind, Optional<CropKind> crop, Optional<String> cover, Optional<Spread> pounds) {
  private static final FigureKey SEEN = FigureKey.of("season", "standing_seen");

  /** What gives the field its look. */
  public enum Kind {
    CROP,
    COVER,
    DEAD_COVER,
    BARE
  }

  /**
   * What stands on a day.
   *
   * @param seasons the running season, then those that follow after a cut
   */
  public static Standing of(List<FieldSeason> seasons, LocalDate day, Figures figures) {
    Optional<CropKind> crop =
        seasons.stream().flatMap(s -> crop(s, day).stream()).reduce((earlier, later) -> later);
    Optional<FieldSeason> covered =
        seasons.stream()
            .filter(s -> point(s, day, figures).isPresent())
            .reduce((earlier, later) -> later);
    Optional<RidgePoint> point = covered.flatMap(s -> point(s, day, figures));
    Optional<Kind> lying = point.map(p -> p.alive() ? Kind.COVER : Kind.DEAD_COVER);
    return new Standing(
        crop.map(c -> Kind.CROP).or(() -> lying).orElse(Kind.BARE),
        crop,
        covered.flatMap(s -> s.field().cover()).map(c -> c.mix().name()),
        point.map(RidgePoint::pounds));
  }

  private static Optional<CropKind> crop(FieldSeason season, LocalDate day) {
    CropPlanting planting = season.field().crop();
    if (!day.isBefore(season.field().next().planned())) {
      return Optional.of(season.field().next().kind()).filter(Standing::crop);
    }
    boolean gone =
        season.crop().when(CropStage.HARVEST).median().filter(h -> !day.isBefore(h)).isPresent();
    return gone || day.isBefore(planting.planted())
        ? Optional.empty()
        : Optional.of(planting.kind()).filter(Standing::crop);
  }

  private static boolean crop(CropKind kind) {
    return kind != CropKind.FREE_GROUND;
  }

  private static Optional<RidgePoint> point(FieldSeason season, LocalDate day, Figures figures) {
    boolean sown =
        season
            .field()
            .cover()
            .filter(c -> c.seeded() != null && !day.isBefore(c.seeded()))
            .isPresent();
    return season.ridge().stream()
        .filter(p -> sown && !p.date().isAfter(day))
        .reduce((earlier, later) -> later)
        .filter(p -> p.alive() || p.pounds().middle() >= figures.of(SEEN));
  }
}
