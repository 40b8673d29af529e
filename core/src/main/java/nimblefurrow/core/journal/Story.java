package nimblefurrow.core.journal;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * What the facts of one crop, one cover or both come to: when it was sown, ended, brought in; what
 * was counted, in the order of the days. Entries may arrive in any order. Example: stems counted on
 * 12 May that arrive after those of 15 May stand before them.
 *
 * <p>Nothing is worked out here: a season is composed of it.
 */
public final class Story {
  private static final Comparator<Entry> BY_DAY =
      Comparator.comparing(Entry::on).thenComparing(Entry::id);

  private final List<Entry> entries;

  private Story(List<Entry> entries) {
    this.entries = entries;
  }

  /** The story of these entries. */
  public static Story of(Collection<Entry> entries) {
    return new Story(entries.stream().sorted(BY_DAY).toList());
  }

  /** The story of one crop or cover. */
  public Story of(UUID link) {
    return only(e -> e.link().equals(link));
  }

  /** The story from a day on. */
  public Story from(LocalDate first) {
    return only(e -> !e.on().isBefore(first));
  }

  private Story only(Predicate<Entry> wanted) {
    return new Story(entries.stream().filter(wanted).toList());
  }

  /** Facts of a kind, in the order of their days. */
  public <F extends Fact> List<Dated<F>> all(Class<F> kind) {
    return entries.stream()
        .filter(e -> kind.isInstance(e.fact()))
        .map(e -> new Dated<>(e.on(), kind.cast(e.fact())))
        .toList();
  }

  /** The last fact of a kind; empty where there is none. */
  public <F extends Fact> Optional<Dated<F>> last(Class<F> kind) {
    return all(kind).stream().reduce((earlier, later) -> later);
  }

  /**
   * What was read on the last day of a kind: two people who read on one day have read more spots.
   */
  public Optional<Readings> lastRead(Class<? extends ReadBySpot> kind) {
    List<? extends Dated<? extends ReadBySpot>> all = all(kind);
    return all.stream()
        .filter(one -> one.day().equals(all.get(all.size() - 1).day()))
        .map(one -> one.fact().readings())
        .reduce(Readings::with);
  }

  /** The first day on which something of a kind was done or seen. */
  private Optional<LocalDate> first(Predicate<Fact> kind) {
    return entries.stream().filter(e -> kind.test(e.fact())).map(Entry::on).findFirst();
  }

  /** The day on which the cover was sown. */
  public Optional<LocalDate> sown() {
    return first(Sown.class::isInstance);
  }

  /** The lot of the seed that was sown first; empty words where nobody wrote it down. */
  public String lot() {
    return entries.stream()
        .filter(e -> e.fact() instanceof Sown)
        .map(e -> e.noted().lot().strip())
        .findFirst()
        .orElse("");
  }

  /** The day on which the cover was ended, or cut to make room. */
  public Optional<LocalDate> ended() {
    return first(f -> f instanceof Terminated || f instanceof CutForForage);
  }

  /** The day on which the crop was brought in. */
  public Optional<LocalDate> harvested() {
    return first(Harvested.class::isInstance);
  }

  /** The day on which slurry was spread over the seed. */
  public Optional<LocalDate> slurrySpread() {
    return first(SlurrySpread.class::isInstance);
  }

  /** The story without facts of a kind, as a second pass of one sowing looks at it. */
  public Story without(Class<? extends Fact> kind) {
    return only(e -> !kind.isInstance(e.fact()));
  }

  void needsSown(String why) {
    if (sown().isEmpty()) {
      throw new OutOfRange("cover", why);
    }
  }

  void needsLiving() {
    if (sown().isEmpty() || ended().isPresent()) {
      throw new OutOfRange("cover", "there is no living cover to measure");
    }
  }
}
