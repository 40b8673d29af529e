package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.Verdict;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingWindow;

/** Calls to sow: windows that open or are open, together by crop and way in. */
record SowingCalls(CallDay at) {
  private static final FigureKey SEEDING_AHEAD_DAYS = FigureKey.of("season", "call_seeding");
  private static final FigureKey RAIN_WANTED_IN = FigureKey.of("season", "rain_wanted");

  private record Group(CropKind crop, SeedingMethod way) {}

  /** Windows that open or are open, not yet placed, together by crop and way in. */
  List<Call> seedings(List<CallBoard.Lane> lanes) {
    Map<Group, List<CallBoard.Lane>> groups = new LinkedHashMap<>();
    for (CallBoard.Lane lane : lanes) {
      CoverPlan plan = lane.season().field().cover().orElse(null);
      if (plan == null || plan.seeded() != null || lane.placed().containsKey(Operation.SEED)) {
        continue;
      }
      SeedingWindow window = lane.season().window().orElseThrow();
      if (lane.season().verdict().filter(Verdict::worthwhile).isPresent()
          && at.near(window.opens().median(), at.figures().whole(SEEDING_AHEAD_DAYS))) {
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

  private Call seeding(Group group, List<CallBoard.Lane> members) {
    List<LocalDate> opens =
        CallDay.sorted(
            members.stream()
                .map(l -> l.season().window().orElseThrow().opens().median().orElse(at.today()))
                .toList());
    LocalDate first = opens.get(0);
    LocalDate last = opens.get(opens.size() - 1);
    LocalDate closes =
        CallDay.sorted(members.stream().map(l -> l.season().closes().orElse(at.today())).toList())
            .get(0);
    String who =
        CallWords.counted(
            members.size(),
            CallWords.words(group.crop()) + "field",
            CallWords.words(group.crop()) + "fields");
    Reason says =
        last.isAfter(at.today())
            ? Reason.of(
                "{} " + CallWords.opening(group.crop(), group.way(), members.size() == 1) + " {}",
                who,
                CallWords.span(first, last))
            : Reason.of("{} can be sown now by " + CallWords.wayWords(group.way()), who);
    long days =
        Math.max(
            0, ChronoUnit.DAYS.between(first.isAfter(at.today()) ? first : at.today(), closes));
    LocalDate from = first.isAfter(at.today()) ? first : at.today();
    Reason detail =
        group.way().overTheTop()
            ? Reason.of(
                "Window about {} days; {} chance of {} in of rain within a week of {}.",
                days,
                rainWithin(from, 7),
                at.figures().of(RAIN_WANTED_IN),
                from)
            : Reason.of("Window about {} days; the first closes {}.", days, closes);
    return new Call(Call.Kind.PLACE_SEEDING, says, detail, CallDay.keys(members), closes);
  }

  /** Chance of enough rain for small seed on the surface within some days of a date. */
  private Share rainWithin(LocalDate from, int days) {
    double wanted = at.figures().of(RAIN_WANTED_IN);
    return at.outlook()
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
}
