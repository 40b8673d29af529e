package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.server.farm.Chains.Link;
import nimblefurrow.server.farm.Fields.FieldView;
import nimblefurrow.server.journal.Journal.Entry;

/**
 * A field with its seasons as of a day.
 *
 * @param crop the running cash crop in the chain
 * @param cover the cover after it, if one is chosen
 * @param now the running season
 * @param earlier seasons before, oldest first
 * @param entries what was logged for the field so far
 */
public record FieldSeasons(
    FieldView field,
    Link crop,
    Optional<Link> cover,
    FieldSeason now,
    List<Past> earlier,
    List<Entry> entries) {

  /** A season that lies behind. */
  public record Past(Link crop, Link cover, FieldSeason season) {}

  /** Names the running cover, or the crop where none is chosen; stays the same while they do. */
  public String key() {
    return cover.map(Link::id).orElse(crop.id()).toString();
  }

  public Optional<LocalDate> lastStemCount() {
    return entries.stream()
        .filter(e -> e.kind() == nimblefurrow.server.journal.EntryKind.STEM_COUNT)
        .filter(e -> cover.filter(c -> c.id().equals(e.linkId())).isPresent())
        .map(Entry::on)
        .max(LocalDate::compareTo);
  }
}
