package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.seeding.WayIn;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.termination.RouteOutlook;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.work.Operation;

/**
 * Finds what needs a person now, from the season alone: a call is gone when its cause is, not when
 * it was read.
 */
public final class CallBoard {
  private static final FigureKey CALL_GONE = FigureKey.of("season", "call_gone");
  private static final FigureKey COUNT_AGAIN = FigureKey.of("season", "count_again");
  private static final FigureKey SEEDING_AHEAD_DAYS = FigureKey.of("season", "call_seeding");
  private static final FigureKey CHOOSING_AHEAD_DAYS = FigureKey.of("season", "call_choosing");
  private static final FigureKey GO_NO_GO_DAYS = FigureKey.of("season", "call_ending");
  private static final FigureKey CLEARING_DAYS = FigureKey.of("season", "call_clearing");
  private static final FigureKey CHANGING_AHEAD_DAYS = FigureKey.of("season", "call_changing");
  private static final FigureKey COUNT_AHEAD_DAYS = FigureKey.of("season", "call_counting");
  private static final FigureKey RAIN_WANTED_IN = FigureKey.of("season", "rain_wanted");

  /**
   * A field as the board sees it: what it is called, what is placed, when stems were last counted.
   */
  public record Lane(
      UUID key,
      String field,
      FieldSeason season,
      Map<Operation, LocalDate> placed,
      Optional<LocalDate> counted) {}

  private record Group(CropKind crop, WayIn way) {}

  private final Outlook outlook;
  private final LocalDate today;
  private final Figures figures;

  public CallBoard(Outlook outlook) {
    this.outlook = outlook;
    this.figures = outlook.figures();
    this.today = outlook.today();
  }

  /** All calls, the most pressing first. */
  public List<Call> calls(List<Lane> lanes) {
    List<Call> calls = new ArrayList<>();
    overdue(lanes).ifPresent(calls::add);
    calls.addAll(changePlans(lanes));
    calls.addAll(seedings(lanes));
    calls.addAll(endings(lanes));
    calls.addAll(clearings(lanes));
    counting(lanes).ifPresent(calls::add);
    choosing(lanes).ifPresent(calls::add);
    calls.sort(Comparator.comparing(Call::by));
    return calls;
  }

  private Optional<Call> overdue(List<Lane> lanes) {
    List<Lane> due =
        lanes.stream()
            .filter(l -> l.placed().values().stream().anyMatch(d -> !d.isAfter(today)))
            .toList();
    if (due.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Call(
            Call.Kind.LOG_WORK,
            Reason.of(
                "{} planned for today or before: done?",
                CallWords.counted(due.size(), "job is", "jobs are")),
            Reason.of("Log what was done, or move it to another day."),
            keys(due),
            today));
  }

  /** Covers that are soon to make room for another. */
  private List<Call> clearings(List<Lane> lanes) {
    List<Call> calls = new ArrayList<>();
    for (Lane lane : lanes) {
      lane.season()
          .field()
          .cover()
          .filter(
              c ->
                  c.seeded() != null
                      && c.ended() == null
                      && near(c.clears(), figures.whole(CLEARING_DAYS)))
          .ifPresent(
              c ->
                  calls.add(
                      new Call(
                          Call.Kind.LOG_WORK,
                          Reason.of(
                              "{}: {} is to be " + c.clearing().how().words() + " about {}",
                              lane.field(),
                              c.mix().name(),
                              c.clearing().day()),
                          Reason.of("The cover after it can be sown from the day you log it."),
                          List.of(lane.key()),
                          c.clearing().day())));
    }
    return calls;
  }

  /** Plans that have become impossible, or whose window will most likely stay shut. */
  private List<Call> changePlans(List<Lane> lanes) {
    List<Call> calls = new ArrayList<>();
    for (Lane lane : lanes) {
      CoverPlan plan = lane.season().field().cover().orElse(null);
      if (plan == null || plan.ended() != null) {
        continue;
      }
      SeedingWindow window = lane.season().window().orElseThrow();
      Verdict verdict = lane.season().verdict().orElse(null);
      if (plan.seeded() == null && window.impossible().isPresent()) {
        calls.add(change(lane, window.impossible().get(), window.remedy()));
      } else if (verdict != null && needsAnother(verdict, window)) {
        calls.add(
            change(
                lane,
                Reason.of(
                    "the chance is only {} that it can still be sown as planned and be useful",
                    verdict.inTime()),
                Optional.of(Reason.of("take a hardier species, another way in, or leave it out"))));
      } else if (lane.season().route().flatMap(RouteOutlook::impossible).isPresent()) {
        RouteOutlook route = lane.season().route().get();
        calls.add(change(lane, route.impossible().get(), route.remedy()));
      }
    }
    return calls;
  }

  /** Whether one would not sow it as planned, and the time to say so has come. */
  private boolean needsAnother(Verdict verdict, SeedingWindow window) {
    boolean comes =
        verdict.kind() == Verdict.Kind.SHUT
            || near(window.opens().median(), figures.whole(CHANGING_AHEAD_DAYS));
    return !verdict.worthwhile() && comes;
  }

  private Call change(Lane lane, Reason why, Optional<Reason> remedy) {
    return new Call(
        Call.Kind.CHANGE_PLAN,
        Reason.of("{} needs another plan", lane.field()),
        remedy
            .map(
                r ->
                    Reason.of(
                        CallWords.sentence(why) + " " + CallWords.sentence(r),
                        CallWords.joined(why, r)))
            .orElse(why),
        List.of(lane.key()),
        today);
  }

  /** Windows that open or are open, not yet placed, together by crop and way in. */
  private List<Call> seedings(List<Lane> lanes) {
    Map<Group, List<Lane>> groups = new LinkedHashMap<>();
    for (Lane lane : lanes) {
      CoverPlan plan = lane.season().field().cover().orElse(null);
      if (plan == null || plan.seeded() != null || lane.placed().containsKey(Operation.SEED)) {
        continue;
      }
      SeedingWindow window = lane.season().window().orElseThrow();
      if (lane.season().verdict().filter(Verdict::worthwhile).isPresent()
          && near(window.opens().median(), figures.whole(SEEDING_AHEAD_DAYS))) {
        groups
            .computeIfAbsent(
                new Group(lane.season().field().crop().kind(), plan.way()), g -> new ArrayList<>())
            .add(lane);
      }
    }
    List<Call> calls = new ArrayList<>();
    groups.forEach((group, members) -> calls.add(seeding(group, members)));
    return calls;
  }

  private Call seeding(Group group, List<Lane> members) {
    List<LocalDate> opens =
        sorted(
            members.stream()
                .map(l -> l.season().window().orElseThrow().opens().median().orElse(today))
                .toList());
    LocalDate first = opens.get(0);
    LocalDate last = opens.get(opens.size() - 1);
    LocalDate closes =
        sorted(members.stream().map(l -> l.season().closes().orElse(today)).toList()).get(0);
    String who =
        CallWords.counted(
            members.size(),
            CallWords.words(group.crop()) + "field",
            CallWords.words(group.crop()) + "fields");
    Reason says =
        last.isAfter(today)
            ? Reason.of(
                "{} " + CallWords.opening(group.crop(), group.way(), members.size() == 1) + " {}",
                who,
                CallWords.span(first, last))
            : Reason.of("{} can be sown now by " + CallWords.wayWords(group.way()), who);
    long days = Math.max(0, ChronoUnit.DAYS.between(first.isAfter(today) ? first : today, closes));
    LocalDate from = first.isAfter(today) ? first : today;
    Reason detail =
        group.way().overTheTop()
            ? Reason.of(
                "Window about {} days; {} chance of {} in of rain within a week of {}.",
                days,
                rainWithin(from, 7),
                figures.of(RAIN_WANTED_IN),
                from)
            : Reason.of("Window about {} days; the first closes {}.", days, closes);
    return new Call(Call.Kind.PLACE_SEEDING, says, detail, keys(members), closes);
  }

  private List<Call> endings(List<Lane> lanes) {
    List<Call> calls = new ArrayList<>();
    Map<Route, List<Lane>> byRoute = new LinkedHashMap<>();
    for (Lane lane : lanes) {
      CoverPlan plan = lane.season().field().cover().orElse(null);
      RouteOutlook route = lane.season().route().orElse(null);
      if (plan == null
          || plan.seeded() == null
          || plan.ended() != null
          || route == null
          || route.impossible().isPresent()
          || route.route() == Route.WINTER_KILL
          || lane.placed().keySet().stream().anyMatch(Operation::ends)) {
        continue;
      }
      if (near(route.opens().median().or(route::aim), figures.whole(GO_NO_GO_DAYS))) {
        byRoute.computeIfAbsent(route.route(), r -> new ArrayList<>()).add(lane);
      }
    }
    byRoute.forEach((route, members) -> calls.add(ending(route, members)));
    return calls;
  }

  private Call ending(Route route, List<Lane> members) {
    List<LocalDate> aims =
        sorted(
            members.stream()
                .map(l -> l.season().route().flatMap(RouteOutlook::aim).orElse(today))
                .toList());
    List<LocalDate> closes =
        sorted(members.stream().map(l -> l.season().closes().orElse(today)).toList());
    String who = CallWords.counted(members.size(), "cover", "covers");
    boolean over = closes.get(0).isBefore(today);
    return new Call(
        Call.Kind.PLACE_END,
        Reason.of(
            "{} to " + CallWords.endWords(route) + " {}",
            who,
            CallWords.span(aims.get(0), aims.get(aims.size() - 1))),
        over
            ? Reason.of(
                "The first window closed {}: another way of ending it may be surer.", closes.get(0))
            : Reason.of(
                "The first window closes {}. Put them on days and machines.", closes.get(0)),
        keys(members),
        aims.get(0).isBefore(today) ? today : aims.get(0));
  }

  private Optional<Call> counting(List<Lane> lanes) {
    List<Lane> due =
        lanes.stream()
            .filter(
                l ->
                    l.season()
                        .field()
                        .cover()
                        .filter(
                            p -> p.route() == Route.ROLL && p.seeded() != null && p.ended() == null)
                        .isPresent())
            .filter(
                l ->
                    l.season()
                        .route()
                        .flatMap(r -> r.opens().median())
                        .filter(d -> near(Optional.of(d), figures.whole(COUNT_AHEAD_DAYS)))
                        .isPresent())
            .filter(
                l ->
                    l.counted()
                        .filter(d -> d.isAfter(today.minusDays(figures.whole(COUNT_AGAIN))))
                        .isEmpty())
            .toList();
    if (due.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Call(
            Call.Kind.COUNT_STEMS,
            Reason.of(
                "Count stems in {} before rolling",
                CallWords.counted(due.size(), "field", "fields")),
            Reason.of("Five spots of ten stems: the date follows what you see, not the calendar."),
            keys(due),
            today.plusDays(2)));
  }

  private Optional<Call> choosing(List<Lane> lanes) {
    List<Lane> bare =
        lanes.stream()
            .filter(l -> l.season().field().cover().isEmpty())
            .filter(
                l ->
                    near(
                        l.season().crop().when(CropStage.HARVEST).median(),
                        figures.whole(CHOOSING_AHEAD_DAYS)))
            .toList();
    if (bare.isEmpty()) {
      return Optional.empty();
    }
    LocalDate soonest =
        sorted(
                bare.stream()
                    .map(l -> l.season().crop().when(CropStage.HARVEST).median().orElse(today))
                    .toList())
            .get(0);
    return Optional.of(
        new Call(
            Call.Kind.CHOOSE_COVER,
            Reason.of(
                "{} no cover chosen", CallWords.counted(bare.size(), "field has", "fields have")),
            Reason.of("The first comes off about {}.", soonest),
            keys(bare),
            soonest.isBefore(today) ? today : soonest));
  }

  /** Chance of enough rain for small seed on the surface within some days of a date. */
  private Share rainWithin(LocalDate from, int days) {
    double wanted = figures.of(RAIN_WANTED_IN);
    return outlook
        .each(
            trace -> {
              double rain = 0;
              for (int i = 0; i < days; i++) {
                rain += trace.on(from.plusDays(i)).rainIn();
              }
              return rain;
            })
        .chance(rain -> rain >= wanted);
  }

  private boolean near(Optional<LocalDate> date, int days) {
    return date.filter(
            d ->
                !d.isAfter(today.plusDays(days))
                    && d.isAfter(today.minusDays(figures.whole(CALL_GONE))))
        .isPresent();
  }

  private static List<LocalDate> sorted(List<LocalDate> dates) {
    return dates.stream().sorted().toList();
  }

  private static List<UUID> keys(List<Lane> lanes) {
    return lanes.stream().map(Lane::key).toList();
  }
}
