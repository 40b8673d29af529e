package nimblefurrow.core.termination;

import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureTable;
import org.apache.commons.csv.CSVRecord;

/**
 * Expected kill by a systemic burndown, for planning only: the label decides rate, stage and
 * everything else.
 *
 * @param rateLow lb acid equivalent per acre while small
 * @param rateHigh lb acid equivalent per acre past the right size
 * @param partner active ingredient usually added, empty when none
 * @param until the stage up to which the cover has the right size; empty when size does not matter
 */
public record HerbicideKill(
    double rateLow,
    double rateHigh,
    Optional<String> partner,
    Optional<CoverStage> until,
    double killRightSize,
    double killPast) {

  private static final Map<String, CSVRecord> TABLE =
      FigureTable.shipped(HerbicideKill.class, "herbicide.csv").byKey();

  public static Optional<HerbicideKill> of(Species species) {
    return Optional.ofNullable(TABLE.get(species.id()))
        .map(
            row ->
                new HerbicideKill(
                    FigureTable.number(row, "glyphosate_low"),
                    FigureTable.number(row, "glyphosate_high"),
                    Optional.of(row.get("partner")).filter(p -> !p.isBlank()),
                    Optional.of(row.get("right_size_until"))
                        .filter(s -> !s.isBlank())
                        .map(CoverStage::valueOf),
                    FigureTable.number(row, "kill_right_size"),
                    FigureTable.number(row, "kill_past")));
  }

  /** Kill when a share of the stems is past the right size. */
  public double kill(double sharePast) {
    return killRightSize * (1 - sharePast) + killPast * sharePast;
  }
}
