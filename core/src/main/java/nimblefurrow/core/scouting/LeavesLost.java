package nimblefurrow.core.scouting;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cashcrop.Observation;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * The stage of a ripening crop by the light under it: corn that has lost half of its leaves is 150
 * °F-days past black layer, soybeans that have lost half are half way from first falling leaves to
 * bare stems. Nothing is told while the canopy is full.
 */
public final class LeavesLost {
  private static final FigureKey FULL_CORN = FigureKey.of("scouting", "lit_full_corn");
  private static final FigureKey FULL_SOYBEANS = FigureKey.of("scouting", "lit_full_soybeans");
  private static final FigureKey TOLD = FigureKey.of("scouting", "leaves_told");
  private static final FigureKey HALF_AFTER = FigureKey.of("crops", "corn_half_leaves_after");
  private static final FigureKey DROP_BEFORE = FigureKey.of("crops", "soybean_drop_before");

  private LeavesLost() {}

  /** Share of the sun that a full canopy lets through; empty for crops without a figure. */
  public static Optional<Double> full(CropKind crop, Figures figures) {
    if (crop.corn()) {
      return Optional.of(figures.of(FULL_CORN));
    }
    return crop == CropKind.SOYBEANS ? Optional.of(figures.of(FULL_SOYBEANS)) : Optional.empty();
  }

  /**
   * What the light says of the crop's stage.
   *
   * @param lost share of the leaves, 0–1
   */
  public static Optional<Observation> seen(
      CropKind crop, LocalDate date, double lost, Figures figures) {
    if (lost < figures.of(TOLD) || full(crop, figures).isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        crop.corn()
            ? new Observation(CropStage.BLACK_LAYER, date, 2 * lost * figures.of(HALF_AFTER))
            : new Observation(CropStage.LEAF_DROP, date, lost * figures.of(DROP_BEFORE)));
  }
}
