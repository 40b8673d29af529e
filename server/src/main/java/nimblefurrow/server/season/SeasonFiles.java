package nimblefurrow.server.season;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.CsvOut;
import nimblefurrow.server.platform.files.IcsOut;
import nimblefurrow.server.platform.web.Download;
import nimblefurrow.server.season.Answers.WindowAnswer;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The season sheet for a spreadsheet, and what closes when for a calendar. */
@RestController
@RequestMapping("/api/v1/exchange")
class SeasonFiles {
  private static final String[] COLUMNS = {
    "field",
    "farmstead",
    "acres",
    "crop",
    "stands",
    "cover",
    "how_it_ends",
    "says",
    "sow_opens",
    "sow_last_useful",
    "sow_in_time_percent",
    "end_opens",
    "end_aim",
    "end_closes",
    "dry_matter_low_lb_ac",
    "dry_matter_middle_lb_ac",
    "dry_matter_high_lb_ac",
    "closes"
  };

  private final Seasons seasons;
  private final CurrentFarm current;

  SeasonFiles(Seasons seasons, CurrentFarm current) {
    this.seasons = seasons;
    this.current = current;
  }

  /** A lane's few words, and the season behind it; none for a field that cannot be worked out. */
  private record Row(LaneView lane, Optional<FieldSeasons> field) {}

  @GetMapping(path = "/season.csv", produces = "text/csv")
  ResponseEntity<byte[]> csv() {
    FarmSeason farm = seasons.needed(current.id());
    return Download.of(
        "season.csv",
        "text/csv; charset=utf-8",
        CsvOut.table(COLUMNS, rows(farm).stream().map(row -> cells(row, farm.day()))));
  }

  private static List<Object> cells(Row row, FarmDay day) {
    LaneView lane = row.lane();
    Optional<WindowAnswer> window =
        row.field()
            .flatMap(f -> f.now().window())
            .map(w -> WindowAnswer.of(w, day.units(), day.today(), day.figures()));
    Optional<TerminationOutlook> termination = row.field().flatMap(f -> f.now().termination());
    Optional<Spread> mat = termination.flatMap(TerminationOutlook::mat);
    return Arrays.asList(
        lane.field(),
        lane.farmstead(),
        "%.1f".formatted(lane.acres()),
        row.field().map(f -> Words.ground(f.crop())).orElse(null),
        lane.stands() == null ? null : lane.stands().words(),
        lane.cover(),
        lane.termination(),
        lane.answer(),
        window.map(w -> w.opens().middle()).orElse(null),
        window.map(WindowAnswer::lastUseful).orElse(null),
        lane.chance(),
        termination.map(TerminationOutlook::opens).flatMap(DateForecast::median).orElse(null),
        termination.flatMap(TerminationOutlook::aim).orElse(null),
        termination.map(TerminationOutlook::closes).flatMap(DateForecast::median).orElse(null),
        mat.map(m -> Math.round(m.low())).orElse(null),
        mat.map(m -> Math.round(m.middle())).orElse(null),
        mat.map(m -> Math.round(m.high())).orElse(null),
        lane.closes());
  }

  @GetMapping(path = "/season.ics", produces = "text/calendar")
  ResponseEntity<byte[]> calendar() {
    return Download.of(
        "season.ics",
        "text/calendar; charset=utf-8",
        IcsOut.calendar(
            "season",
            rows(seasons.needed(current.id())).stream()
                .map(Row::lane)
                .filter(lane -> lane.closes() != null)
                .map(
                    lane ->
                        new IcsOut.Days(
                            "closes-" + lane.id(),
                            lane.closes(),
                            lane.closes(),
                            "%s: %s".formatted(lane.field(), lane.answer()),
                            Optional.ofNullable(lane.cover()).orElse("no cover")))
                .toList()));
  }

  private static List<Row> rows(FarmSeason farm) {
    FarmDay day = farm.day();
    LaneBuilder builder = new LaneBuilder(day.units(), day.today(), day.figures());
    List<Trouble> troubles = new ArrayList<>(farm.troubles());
    List<Row> rows = new ArrayList<>();
    for (FieldSeasons field : farm.fields()) {
      Trouble.attempt(
              field.field(),
              () -> builder.lane(field, List.of(), field.heldBackBy(), false),
              troubles::add)
          .ifPresent(lane -> rows.add(new Row(lane, Optional.of(field))));
    }
    troubles.forEach(t -> rows.add(new Row(builder.trouble(t), Optional.empty())));
    return rows;
  }
}
