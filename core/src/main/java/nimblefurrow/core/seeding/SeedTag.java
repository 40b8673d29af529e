package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;

/**
 * What the tag of a seed lot says. Purity and germination may be typed as 98 or 0.98. Hard seed of
 * legumes will still come up and counts with germination.
 *
 * @param tested day of the germination test, null when there was none
 */
public record SeedTag(Share purity, Share germination, Share hardSeed, LocalDate tested) {
  private static final FigureKey OLD_MONTHS = FigureKey.of("seeding", "test_old");
  private static final FigureKey STALE_MONTHS = FigureKey.of("seeding", "test_stale");
  private static final FigureKey ASSUMED_GERMINATION =
      FigureKey.of("seeding", "assumed_germination");

  public SeedTag {
    Limits.given("purity", purity);
    Limits.given("germination", germination);
    Limits.given("hard seed", hardSeed);
  }

  /** A tag as it is typed off the bag. */
  public static SeedTag typed(
      double purity, double germination, double hardSeed, LocalDate tested) {
    return new SeedTag(
        Share.fromTag("purity", purity),
        Share.fromTag("germination", germination),
        hard(hardSeed),
        tested);
  }

  /**
   * Hard seed is a small part, so 1 on a tag is 1 %, not all of it; below 1 it is a fraction.
   *
   * @throws nimblefurrow.core.quantity.OutOfRange below 0 or above 100
   */
  private static Share hard(double typed) {
    Limits.within("hard seed", typed, 0, 100, Unit.PERCENT);
    return typed < 1 ? Share.of(typed) : Share.percent(typed);
  }

  /** Whether germination is assumed because the test is missing or over 18 months old. */
  public boolean assumed(LocalDate today, Figures figures) {
    return tested == null || olderThan(figures.whole(STALE_MONTHS), today);
  }

  private boolean olderThan(int months, LocalDate today) {
    return tested.plusMonths(months).isBefore(today);
  }

  /** Live seed in a pound of bulk. */
  public Share liveShare(LocalDate today, Figures figures) {
    double sprouts =
        assumed(today, figures)
            ? figures.of(ASSUMED_GERMINATION)
            : Math.min(1, germination.fraction() + hardSeed.fraction());
    return Share.of(purity.fraction() * sprouts);
  }

  /**
   * Bulk seed that holds so much live seed. Example: 60 lb live at 98 % purity and 85 % germination
   * are 72 lb bulk.
   */
  public SeedRate bulk(SeedRate live, LocalDate today, Figures figures) {
    return live.times(1 / liveShare(today, figures).fraction());
  }

  /** What there is to say about the test's age. */
  public Optional<Reason> caution(LocalDate today, Figures figures) {
    if (tested == null) {
      return Optional.of(
          Reason.of(
              "no germination test: {} assumed, so every pound here rests on it",
              Share.of(figures.of(ASSUMED_GERMINATION))));
    }
    if (assumed(today, figures)) {
      return Optional.of(
          Reason.of(
              "germination test of {} is over {} months old: {} assumed",
              tested,
              figures.whole(STALE_MONTHS),
              Share.of(figures.of(ASSUMED_GERMINATION))));
    }
    return olderThan(figures.whole(OLD_MONTHS), today)
        ? Optional.of(
            Reason.of(
                "germination test of {} is over {} months old: test again",
                tested,
                figures.whole(OLD_MONTHS)))
        : Optional.empty();
  }
}
