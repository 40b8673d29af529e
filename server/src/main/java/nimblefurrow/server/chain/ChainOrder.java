package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;

/**
 * Where a link may stand in a field's chain. Order there is a place, not a date: a crop is not
 * moved past another by its day.
 */
record ChainOrder(List<LinkRow> chain) {
  /** The place of a new crop: before the first that is planted later. */
  int ofCrop(LocalDate planted) {
    int at = chain.size();
    for (int i = chain.size() - 1; i >= 0; i--) {
      LinkRow link = chain.get(i);
      if (link.kind == LinkKind.CROP && link.starts.equals(planted)) {
        throw new OutOfRange(
            "planted", "another crop of this field is planted on %s already".formatted(planted));
      }
      at = link.kind == LinkKind.CROP && link.starts.isAfter(planted) ? i : at;
    }
    return at;
  }

  /** Refuses a planting day past the neighbours' days. */
  void refuseOutOfTurn(LinkRow link, LocalDate planted) {
    int at = chain.indexOf(link);
    for (int i = 0; i < chain.size(); i++) {
      LinkRow other = chain.get(i);
      boolean dated = other.kind == LinkKind.CROP || other.kind == LinkKind.CUT && i > at;
      boolean passes =
          i < at ? !other.starts.isBefore(planted) : i > at && !other.starts.isAfter(planted);
      if (dated && passes) {
        throw new OutOfRange(
            "planted",
            "planted is %s %s, where the %s %s it stands; got %s"
                .formatted(
                    i < at ? "after" : "before",
                    other.starts,
                    other.kind == LinkKind.CUT ? "cut" : "crop",
                    i < at ? "before" : "after",
                    planted));
      }
    }
  }

  /**
   * The place that a new cover follows: its crop or cut, past what was meant to cut the crop
   * itself.
   */
  int beforeCover(UUID ground, UUID zone) {
    int at = chain.stream().map(l -> l.id).toList().indexOf(ground);
    if (at < 0) {
      throw new NotOnThisFarm("crop or cut");
    }
    while (at + 1 < chain.size() && chain.get(at + 1).kind == LinkKind.CUT) {
      at++;
    }
    for (int i = at + 1; i < chain.size() && chain.get(i).kind == LinkKind.COVER; i++) {
      if (Objects.equals(chain.get(i).zoneId, zone)) {
        throw new Conflict("a cover is planned here already: load it again, then change that one");
      }
    }
    return at;
  }

  /** The place of a new cut: after what stands on its day. */
  int ofCut(LocalDate day, CutDetails cut) {
    int at = 0;
    while (at < chain.size()
        && (chain.get(at).kind == LinkKind.COVER || chain.get(at).starts.isBefore(day))) {
      at++;
    }
    if (at == 0) {
      throw new OutOfRange("day", "nothing stands in this field on %s".formatted(day));
    }
    LinkRow before = chain.get(at - 1);
    if (before.kind == LinkKind.CUT) {
      throw new OutOfRange(
          "day",
          "plan the cover after the cut of %s first: nothing else stands to be cut"
              .formatted(before.starts));
    }
    if (before.kind == LinkKind.CROP && cut.how() != Clearing.How.FORAGE_CUT) {
      throw new OutOfRange(
          "cover", "plan a cover first: before it, only the crop itself can be cut for forage");
    }
    return at;
  }

  /** Refuses to take out what others rest on. */
  void refuseRestedOn(LinkRow link) {
    int at = chain.indexOf(link);
    LinkKind next = at + 1 < chain.size() ? chain.get(at + 1).kind : LinkKind.CROP;
    boolean coverBefore = at > 0 && chain.get(at - 1).kind == LinkKind.COVER;
    if (link.kind == LinkKind.CUT && coverBefore && next == LinkKind.COVER) {
      throw new Conflict("a cover is planned after this cut: take that cover out first");
    }
    if (link.kind == LinkKind.CROP && next != LinkKind.CROP) {
      throw new Conflict(
          "a %s is planned after this crop: take that out first"
              .formatted(next == LinkKind.COVER ? "cover" : "cut"));
    }
  }
}
