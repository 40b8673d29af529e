package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.Verdict;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.weather.Outlook;

/**
 * Finds what needs a person now, from the season alone: a call is gone when its cause is, not when
 * it was read.
 */
public final class CallBoard {

  private static final FigureKey CHOOSING_AHEAD_DAYS = FigureKey.of("season", "call_choosing");

  private static final FigureKey CHANGING_AHEAD_DAYS = FigureKey.of("season", "call_changing");

  /**
   * A field as the board sees it: what it is called, what is placed, when stems were last counted.
   */
  public record Lane(
      UUID key,
      String field,
      FieldSeason season,
      Map<Operation, LocalDate> placed,
      Optional<LocalDate> counted) {}

  private final CallDay at;

  /** Calls in an outlook's weather, as of its day. */
  public CallBoard(Outlook outlook) {
    this.at = new CallDay(outlook);
  }

  /** All calls, the most pressing first. */
  public List<Call> calls(List<Lane> lanes) {
    List<Call> calls = new ArrayList<>();
    overdue(lanes).ifPresent(calls::add);
    calls.addAll(changePlans(lanes));
    calls.addAll(new SowingCalls(at).seedings(lanes));
    TerminationCalls terminations = new TerminationCalls(at);
    calls.addAll(terminations.terminations(lanes));
    calls.addAll(terminations.clearings(lanes));
    terminations.counting(lanes).ifPresent(calls::add);
    calls.addAll(new LookCalls(at).calls(lanes));
    choosing(lanes).ifPresent(calls::add);
    calls.sort(Comparator.comparing(Call::by));
    return calls;
  }

  private Optional<Call> overdue(List<Lane> lanes) {
    List<Lane> due =
        lanes.stream()
            .filter(l -> l.placed().values().stream().anyMatch(d -> !d.isAfter(at.today())))
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
            CallDay.keys(due),
            at.today()));
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
      } else if (lane.season().termination().flatMap(TerminationOutlook::impossible).isPresent()) {
        TerminationOutlook termination = lane.season().termination().get();
        calls.add(change(lane, termination.impossible().get(), termination.remedy()));
      }
    }
    return calls;
  }

  /** Whether one would not sow it as planned, and the time to say so has come. */
  private boolean needsAnother(Verdict verdict, SeedingWindow window) {
    boolean comes =
        verdict.kind() == Verdict.Kind.SHUT
            || at.near(window.opens().median(), at.figures().whole(CHANGING_AHEAD_DAYS));
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
        at.today());
  }

  private Optional<Call> choosing(List<Lane> lanes) {
    List<Lane> bare =
        lanes.stream()
            .filter(l -> l.season().field().cover().isEmpty())
            .filter(
                l ->
                    at.near(
                        l.season().crop().when(CropStage.HARVEST).median(),
                        at.figures().whole(CHOOSING_AHEAD_DAYS)))
            .toList();
    if (bare.isEmpty()) {
      return Optional.empty();
    }
    LocalDate soonest =
        CallDay.sorted(
                bare.stream()
                    .map(l -> l.season().crop().when(CropStage.HARVEST).median().orElse(at.today()))
                    .toList())
            .get(0);
    return Optional.of(
        new Call(
            Call.Kind.CHOOSE_COVER,
            Reason.of(
                "{} no cover chosen", CallWords.counted(bare.size(), "field has", "fields have")),
            Reason.of("The first comes off about {}.", soonest),
            CallDay.keys(bare),
            soonest.isBefore(at.today()) ? at.today() : soonest));
  }
}
