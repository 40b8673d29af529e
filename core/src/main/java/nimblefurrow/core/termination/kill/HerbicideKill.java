package nimblefurrow.core.termination.kill;

import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * Expected kill by a systemic burndown, for planning only: the label decides rate, stage and
 * everything else.
 *
 * @param rateLow lb acid equivalent per acre while small
 * @param rateHigh lb acid equivalent per acre past the right size
 * @param partner active ingredient usually added, empty when none
 * @param inNitrogen what liquid nitrogen instead of water as carrier leaves of the kill, 0–1
 * @param learnt what own ratings have moved the odds of a kill by
 * @param until the stage up to which the cover has the right size; empty when size does not matter
 */
public record HerbicideKill(
    double rateLow,
    double rateHigh,
    Optional<String> partner,
    Optional<CoverStage> until,
    double killRightSize,
    double killPast,
    double inNitrogen,
    double learnt) {
  private static final FigureKey REDUCED_WORKS = FigureKey.of("worth", "reduced_works");

  /** What a systemic burndown does to a species; empty where it is not on the list. */
  public static Optional<HerbicideKill> of(Species species) {
    return species
        .figures()
        .sheet("herbicide")
        .find(species.id())
        .map(
            row ->
                new HerbicideKill(
                    row.number("glyphosate_low"),
                    row.number("glyphosate_high"),
                    Optional.of(row.text("partner")).filter(p -> !p.isBlank()),
                    CoverStage.coded(row.text("right_size_until")),
                    row.number("kill_right_size"),
                    row.number("kill_past"),
                    row.number("kill_in_nitrogen"),
                    species.figures().of(LearntKill.SPRAYED)));
  }

  /** Kill when a share of the stems is past the right size. */
  public double kill(double sharePast) {
    return LearntKill.moved(killRightSize * (1 - sharePast) + killPast * sharePast, learnt);
  }

  /**
   * What dies under a roller with a reduced spray beside it, 0–1: the spray does a good part of its
   * work on what the roller left.
   */
  public static double beside(double rolled, double sprayed, Figures figures) {
    return 1 - (1 - rolled) * (1 - sprayed * figures.of(REDUCED_WORKS));
  }
}
