package nimblefurrow.core.termination.spray;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.weather.Outlook;

/**
 * Until when weeds can be burnt down over a cover that is sown and not up: a product that leaves
 * nothing in the soil may go over it while it has gathered 25 °F-days less than it needs to come
 * up; then look first; afterwards only what its label allows over it.
 *
 * @param until last day on which it is not up in the middle year
 * @param up the day on which the first member comes up
 */
public record FallBurndown(LocalDate until, LocalDate up) {
  private static final FigureKey BEFORE = FigureKey.of("spray", "emerged_before");

  /** Of a stand; empty where no day can be given. */
  public static Optional<FallBurndown> of(MatForecast mat) {
    return mat.stand().mix().members().stream()
        .map(m -> of(m.species(), mat))
        .flatMap(Optional::stream)
        .min(Comparator.comparing(FallBurndown::up));
  }

  private static Optional<FallBurndown> of(Species species, MatForecast mat) {
    Outlook outlook = mat.outlook();
    Heat emerges = species.growth().emerges();
    double sooner = Math.max(0, emerges.degreeDays() - outlook.figures().of(BEFORE));
    LocalDate from = mat.stand().seeded();
    Optional<LocalDate> up = outlook.each(t -> t.reaches(from, emerges)).middle();
    Optional<LocalDate> near =
        outlook.each(t -> t.reaches(from, Heat.of(sooner, emerges.base()))).middle();
    return near.flatMap(n -> up.map(u -> new FallBurndown(n.minusDays(1), u)));
  }
}
