package nimblefurrow.server.scout;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.journal.Clipped;
import nimblefurrow.core.journal.CropStageSeen;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.Harvested;
import nimblefurrow.core.season.Foretold;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The farm's own forecasts of the last year against what was written down later. */
@RestController
@RequestMapping("/api/v1/right")
class RightController {
  /** A forecast is looked up on the first of the month that lies so many days before at least. */
  private static final int DAYS_BEFORE = 10;

  private static final int MONTHS = 8;
  private static final double MARKS = 0.8;

  /**
   * How many held.
   *
   * @param wanted share that is to hold, in %
   */
  record RightView(int held, int told, int wanted, List<ToldView> rows) {}

  /** A forecast and what came: days, or lb/ac dry. */
  record ToldView(
      String field,
      Foretold.What what,
      String words,
      LocalDate on,
      boolean held,
      @Maybe LocalDate fromDay,
      @Maybe LocalDate middleDay,
      @Maybe LocalDate toDay,
      @Maybe LocalDate cameDay,
      @Maybe Double fromPounds,
      @Maybe Double middlePounds,
      @Maybe Double toPounds,
      @Maybe Double camePounds) {}

  private final Seasons seasons;
  private final Journal journal;
  private final CurrentFarm current;

  RightController(Seasons seasons, Journal journal, CurrentFarm current) {
    this.seasons = seasons;
    this.journal = journal;
    this.current = current;
  }

  @GetMapping
  RightView right() {
    UUID farm = current.id();
    LocalDate today = seasons.needed(farm).day().today();
    TreeMap<LocalDate, List<Entry>> byMonth = new TreeMap<>(Comparator.reverseOrder());
    journal.until(farm, today).stream()
        .filter(e -> e.on().isAfter(today.minusYears(1)))
        .filter(RightController::tells)
        .forEach(
            e ->
                byMonth
                    .computeIfAbsent(
                        e.on().minusDays(DAYS_BEFORE).withDayOfMonth(1), m -> new ArrayList<>())
                    .add(e));
    List<ToldView> rows = new ArrayList<>();
    byMonth.entrySet().stream()
        .limit(MONTHS)
        .forEach(
            month ->
                seasons
                    .toldOn(farm, month.getKey())
                    .ifPresent(then -> rows.addAll(told(then, month.getKey(), month.getValue()))));
    int held = (int) rows.stream().filter(ToldView::held).count();
    return new RightView(held, rows.size(), Percent.of(MARKS), rows);
  }

  private static boolean tells(Entry entry) {
    return entry.fact() instanceof Harvested
        || entry.fact() instanceof Clipped
        || entry.fact() instanceof CropStageSeen;
  }

  private static List<ToldView> told(FarmSeason then, LocalDate on, List<Entry> entries) {
    Map<UUID, FieldSeasons> byLink = new TreeMap<>();
    for (FieldSeasons f : then.covers()) {
      byLink.put(f.crop().id(), f);
      f.cover().ifPresent(c -> byLink.put(c.id(), f));
    }
    return entries.stream()
        .flatMap(
            e ->
                Optional.ofNullable(byLink.get(e.link()))
                    .flatMap(f -> told(f, on, e).map(t -> view(f.field().name(), t)))
                    .stream())
        .toList();
  }

  private static Optional<Foretold> told(FieldSeasons f, LocalDate on, Entry entry) {
    if (entry.fact() instanceof Harvested) {
      return Foretold.day(Foretold.What.HARVEST, f.now(), CropStage.HARVEST, on, entry.on());
    }
    if (entry.fact() instanceof CropStageSeen seen) {
      return Foretold.day(Foretold.What.CROP_STAGE, f.now(), seen.stage(), on, entry.on());
    }
    return entry.fact() instanceof Clipped clipped
        ? Foretold.mat(f.now(), on, entry.on(), clipped.frames().mean())
        : Optional.empty();
  }

  private static ToldView view(String field, Foretold told) {
    boolean day = told.what().day();
    return new ToldView(
        field,
        told.what(),
        told.what().words(),
        told.on(),
        told.held(),
        day ? day(told.range().low()) : null,
        day ? day(told.range().middle()) : null,
        day ? day(told.range().high()) : null,
        day ? day(told.came()) : null,
        day ? null : told.range().low(),
        day ? null : told.range().middle(),
        day ? null : told.range().high(),
        day ? null : told.came());
  }

  private static LocalDate day(double epochDay) {
    return LocalDate.ofEpochDay(Math.round(epochDay));
  }
}
