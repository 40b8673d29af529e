package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;

/** Calls about the end of covers: routes that open, covers that make room, stems to count. */
record TerminationCalls(CallDay at) {
  private static final FigureKey GO_NO_GO_DAYS = FigureKey.of("season", "call_ending");
  private static final FigureKey CLEARING_DAYS = FigureKey.of("season", "call_clearing");
  private static final FigureKey COUNT_AHEAD_DAYS = FigureKey.of("season", "call_counting");
  private static final FigureKey LEAST_SPOTS = FigureKey.of("scouting", "least_spots");
  private static final FigureKey STEMS_OF_SPOT = FigureKey.of("scouting", "stems_of_spot");
  private static final FigureKey COUNT_AGAIN = FigureKey.of("season", "count_again");

  List<Call> terminations(List<CallBoard.Lane> lanes) {
    List<Call> calls = new ArrayList<>();
    Map<TerminationMethod, List<CallBoard.Lane>> byTermination = new LinkedHashMap<>();
    for (CallBoard.Lane lane : lanes) {
      CoverPlan plan = lane.season().field().cover().orElse(null);
      TerminationOutlook termination = lane.season().termination().orElse(null);
      if (plan == null
          || plan.seeded() == null
          || plan.ended() != null
          || termination == null
          || termination.impossible().isPresent()
          || termination.method() == TerminationMethod.WINTER_KILL
          || lane.placed().keySet().stream().anyMatch(Operation::ends)) {
        continue;
      }
      if (at.near(
          termination.opens().median().or(termination::aim), at.figures().whole(GO_NO_GO_DAYS))) {
        byTermination.computeIfAbsent(termination.method(), r -> new ArrayList<>()).add(lane);
      }
    }
    byTermination.forEach((termination, members) -> calls.add(ending(termination, members)));
    return calls;
  }

  private Call ending(TerminationMethod termination, List<CallBoard.Lane> members) {
    List<LocalDate> aims =
        CallDay.sorted(
            members.stream()
                .map(
                    l ->
                        l.season()
                            .termination()
                            .flatMap(TerminationOutlook::aim)
                            .orElse(at.today()))
                .toList());
    List<LocalDate> closes =
        CallDay.sorted(members.stream().map(l -> l.season().closes().orElse(at.today())).toList());
    String who = CallWords.counted(members.size(), "cover", "covers");
    boolean over = closes.get(0).isBefore(at.today());
    return new Call(
        Call.Kind.PLACE_END,
        Reason.of(
            "{} to " + CallWords.endWords(termination) + " {}",
            who,
            CallWords.span(aims.get(0), aims.get(aims.size() - 1))),
        over
            ? Reason.of(
                "The first window closed {}: another way of ending it may be surer.", closes.get(0))
            : Reason.of(
                "The first window closes {}. Put them on days and machines.", closes.get(0)),
        CallDay.keys(members),
        aims.get(0).isBefore(at.today()) ? at.today() : aims.get(0));
  }

  /** Covers that are soon to make room for another. */
  List<Call> clearings(List<CallBoard.Lane> lanes) {
    List<Call> calls = new ArrayList<>();
    for (CallBoard.Lane lane : lanes) {
      lane.season()
          .field()
          .cover()
          .filter(
              c ->
                  c.seeded() != null
                      && c.ended() == null
                      && at.near(c.clears(), at.figures().whole(CLEARING_DAYS)))
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

  Optional<Call> counting(List<CallBoard.Lane> lanes) {
    List<CallBoard.Lane> due =
        lanes.stream()
            .filter(
                l ->
                    l.season()
                        .field()
                        .cover()
                        .filter(
                            p ->
                                p.termination() == TerminationMethod.ROLL
                                    && p.seeded() != null
                                    && p.ended() == null)
                        .isPresent())
            .filter(
                l ->
                    l.season()
                        .termination()
                        .flatMap(r -> r.opens().median())
                        .filter(d -> at.near(Optional.of(d), at.figures().whole(COUNT_AHEAD_DAYS)))
                        .isPresent())
            .filter(
                l ->
                    l.counted()
                        .filter(
                            d -> d.isAfter(at.today().minusDays(at.figures().whole(COUNT_AGAIN))))
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
            Reason.of(
                "{} spots of {} stems: the date follows what you see, not the calendar.",
                at.figures().whole(LEAST_SPOTS),
                at.figures().whole(STEMS_OF_SPOT)),
            CallDay.keys(due),
            at.today().plusDays(2)));
  }
}
