package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A ground of the chain with the cover on it and what comes after: beans, rye, corn. A cover with a
 * cut after it is followed by ground of its own, so that no rule is needed twice for a cover after
 * a cover.
 *
 * @param ground the crop, or the ground that a cut has freed
 * @param next the crop that follows, or the ground that a cut frees for another cover
 */
public record Stretch(Ground ground, Optional<UUID> cover, Optional<Ground> next) {
  /**
   * A field's links in their places, cut into stretches. A cut of a cover begins a stretch of its
   * own on the day on which it was done; until that is written down the ground is not free, so it
   * begins tomorrow at the earliest. A cut of a crop is its harvest.
   *
   * @param links in their order; it says more than their dates
   */
  public static List<Stretch> of(List<ChainLink> links, LocalDate today) {
    return of(links, Optional.empty(), today);
  }

  /**
   * The same as it is in one zone: a cover that is sown there alone stands in place of the field's.
   *
   * @param zone empty for the rest of the field, which has no such covers
   */
  public static List<Stretch> of(List<ChainLink> links, Optional<UUID> zone, LocalDate today) {
    List<Stretch> stretches = new ArrayList<>();
    Ground ground = null;
    ChainLink cover = null;
    for (ChainLink link : links.stream().filter(l -> l.in(zone)).toList()) {
      if (link.kind() == ChainLink.Kind.COVER) {
        cover = cover == null || cover.zone().isEmpty() ? link : cover;
      } else if (link.kind() == ChainLink.Kind.CUT && cover == null) {
        ground = ground == null ? null : ground.cutOn(link.starts());
      } else {
        Ground after = after(link, cover, today);
        if (ground != null) {
          stretches.add(
              new Stretch(
                  ground, Optional.ofNullable(cover).map(ChainLink::id), Optional.of(after)));
        }
        ground = after;
        cover = null;
      }
    }
    if (ground != null) {
      stretches.add(
          new Stretch(ground, Optional.ofNullable(cover).map(ChainLink::id), Optional.empty()));
    }
    return stretches;
  }

  private static Ground after(ChainLink link, ChainLink cover, LocalDate today) {
    if (link.kind() == ChainLink.Kind.CROP) {
      return new Ground(link.id(), link.starts(), false, Optional.empty());
    }
    LocalDate tomorrow = today.plusDays(1);
    LocalDate meant = link.starts().isBefore(tomorrow) ? tomorrow : link.starts();
    return new Ground(link.id(), cover.gone().orElse(meant), true, Optional.empty());
  }

  /** The same with its ground left bare. */
  public Stretch withoutCover() {
    return new Stretch(ground, Optional.empty(), next);
  }
}
