package nimblefurrow.core.termination;

import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;

/**
 * The mat that a way of ending needs on its day to keep weeds down: 7,000 lb/ac for the roller
 * alone, 4,000 where a reduced spray helps. What is sprayed, tilled or carried off needs none.
 * Everything that tells of such a mat asks here.
 */
public final class LeastMat {
  private static final FigureKey ROLLER = FigureKey.of("termination", "roller_mat");
  private static final FigureKey ROLLER_AND_SPRAY = FigureKey.of("termination", "roller_spray_mat");

  /** The mat under which a roller kills less, and a stand is thin for any way. */
  private static final FigureKey THIN = FigureKey.of("termination", "thin_mat");

  private LeastMat() {}

  /** What a mat is set against on the day it ends: what its way needs, else what is not thin. */
  public static DryMatter orThin(TerminationMethod termination, Figures figures) {
    return of(termination, figures).orElseGet(() -> DryMatter.poundsPerAcre(figures.of(THIN)));
  }

  /** Of a way; empty where it needs none. */
  public static Optional<DryMatter> of(TerminationMethod termination, Figures figures) {
    return switch (termination) {
      case ROLL, ROLL_AFTER -> Optional.of(DryMatter.poundsPerAcre(figures.of(ROLLER)));
      case ROLL_AND_SPRAY -> Optional.of(DryMatter.poundsPerAcre(figures.of(ROLLER_AND_SPRAY)));
      case EARLY_SPRAY,
          PLANT_GREEN,
          WINTER_KILL,
          TILLAGE,
          MOWING,
          BETWEEN_ROWS,
          GRAZING,
          HAY,
          STRIPS ->
          Optional.empty();
    };
  }
}
