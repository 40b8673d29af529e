package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Dated;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.KillRating;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.field.FieldView;

/**
 * A field with its seasons as of a day.
 *
 * @param crop the running cash crop in the chain
 * @param cover the cover after it, if one is chosen
 * @param next what follows the cover, in words
 * @param following the crop or the cut that follows, where one is entered
 * @param clearing how the cover makes room for another; null where a crop follows
 * @param now the running season
 * @param earlier seasons before, oldest first
 * @param entries what was logged for the field so far
 * @param zone the one zone that this is of; empty for the field, or what zones with covers of their
 *     own leave of it
 * @param heldBackBy the zone that the rest of the field waits for
 * @param broken the cover that is kept, where it cannot be worked out; then {@code cover} is empty
 * @param after covers that follow this one before the next crop, each after a cut
 */
public record FieldSeasons(
    FieldView field,
    Link crop,
    Optional<Link> cover,
    String next,
    Optional<Link> following,
    Clearing clearing,
    FieldSeason now,
    List<Past> earlier,
    List<Entry> entries,
    List<FieldSeasons> after,
    Optional<UUID> zone,
    Optional<String> heldBackBy,
    Optional<Broken> broken) {

  /** A cover that is kept but cannot be worked out; the season is told as if there were none. */
  public record Broken(Link cover, Reason says) {}

  /** The cover as it is kept, whether or not it can be worked out. */
  public Optional<Link> kept() {
    return cover.or(() -> broken.map(Broken::cover));
  }

  /** The crop that follows the cover; empty where none is entered or a cut comes first. */
  public Optional<Link> nextCrop() {
    return following.filter(link -> link.kind() == LinkKind.CROP);
  }

  /** A season that lies behind. */
  public record Past(Link crop, Link cover, FieldSeason season) {}

  /**
   * The field with the cover that was ended last in the place of the running one: its kill is rated
   * for some weeks, though the sheet may have turned to the next season by then.
   */
  public FieldSeasons lastEnded(LocalDate today, Figures figures) {
    boolean own = now.field().cover().filter(c -> c.ended() != null).isPresent();
    if (own || earlier.isEmpty()) {
      return this;
    }
    Past past = earlier.get(earlier.size() - 1);
    LocalDate since = today.minusDays(figures.whole(KillRating.RATED_UNTIL));
    boolean rated =
        past.cover() != null
            && past.season()
                .field()
                .cover()
                .filter(c -> c.ended() != null && !c.ended().isBefore(since))
                .isPresent();
    return rated
        ? new FieldSeasons(
            field,
            past.crop(),
            Optional.of(past.cover()),
            Words.named(crop),
            Optional.of(crop),
            null,
            past.season(),
            earlier.subList(0, earlier.size() - 1),
            entries,
            List.of(),
            zone,
            Optional.empty(),
            Optional.empty())
        : this;
  }

  /** The day on which the cover makes room for another; empty where a crop follows. */
  public Optional<LocalDate> clears() {
    return Optional.ofNullable(clearing).map(Clearing::day);
  }

  /** How and when the cover makes room for another, in words. */
  public Optional<String> makesRoom(UnitSystem units) {
    return clears().map(day -> clearing.how().words() + " about " + units.say(day));
  }

  /** What the cover comes after, in words. */
  public String ground() {
    return Words.ground(crop);
  }

  /** The same field, with another season in the place of the running one. */
  public FieldSeasons with(FieldSeason tried) {
    return new FieldSeasons(
        field,
        crop,
        cover,
        next,
        following,
        clearing,
        tried,
        earlier,
        entries,
        after,
        zone,
        heldBackBy,
        Optional.empty());
  }

  /** This cover and those that follow it before the next crop. */
  public List<FieldSeasons> andAfter() {
    List<FieldSeasons> all = new ArrayList<>();
    all.add(this);
    all.addAll(after);
    return all;
  }

  /** Names the running cover, or the crop where none is chosen; stays the same while they do. */
  public UUID key() {
    return kept().map(Link::id).orElse(crop.id());
  }

  public Optional<LocalDate> lastStemCount() {
    return storyOfCover().last(StemsCounted.class).map(Dated::day);
  }

  /** What was done and seen of the running crop and cover, in this part of the field. */
  public Story story() {
    return Story.of(
        entries.stream()
            .filter(
                e ->
                    e.link().equals(crop.id())
                        || cover.filter(c -> e.link().equals(c.id())).isPresent())
            .filter(e -> e.noted().part().isEmpty() || e.noted().part().equals(zone))
            .toList());
  }

  /** What the chain has here, by which an entry may be written down or not. */
  public Setting setting() {
    return new Setting(
        cover.isPresent(),
        now.field().cover().filter(c -> c.clearing() != null).isPresent(),
        field.organic(),
        now.field().crop().kind());
  }

  /** What was done and seen of the running cover. */
  public Story storyOfCover() {
    return cover.map(c -> Story.of(entries).of(c.id())).orElse(Story.of(List.of()));
  }
}
