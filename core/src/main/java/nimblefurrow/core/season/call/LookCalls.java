package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.look.Look;
import nimblefurrow.core.season.look.Looks;
import nimblefurrow.core.termination.LeastMat;
import nimblefurrow.core.termination.TerminationOutlook;

/**
 * Calls about what a walk could tell, or has told: the winter, a thin stand, a mat for the roller.
 */
record LookCalls(CallDay at) {
  private static final FigureKey GO_DAYS = FigureKey.of("season", "go_days");
  private static final FigureKey GO = FigureKey.of("season", "go_chance");
  private static final FigureKey NO_GO = FigureKey.of("season", "no_go_chance");
  private static final FigureKey RESEED = FigureKey.of("season", "reseed_chance");
  private static final int SOON = 3;

  List<Call> calls(List<CallBoard.Lane> lanes) {
    List<Call> calls = new ArrayList<>();
    List<CallBoard.Lane> wintered = new ArrayList<>();
    for (CallBoard.Lane lane : lanes) {
      CoverPlan plan = lane.season().field().cover().orElse(null);
      if (plan == null || plan.seeded() == null || plan.ended() != null) {
        continue;
      }
      if (Looks.of(lane.season()).stream().anyMatch(l -> l.kind() == Look.Kind.WINTER)) {
        wintered.add(lane);
      }
      thin(lane, plan).ifPresent(calls::add);
      goOrNot(lane, plan).ifPresent(calls::add);
    }
    if (!wintered.isEmpty()) {
      calls.add(
          new Call(
              Call.Kind.LOOK,
              Reason.of(
                  "See what the winter killed in "
                      + CallWords.counted(wintered.size(), "field", "fields")),
              Reason.of("Dig plants at five places: a white, firm crown lives."),
              CallDay.keys(wintered),
              at.today().plusDays(SOON)));
    }
    return calls;
  }

  /** A stand that was counted as poor while it can still be sown again. */
  private Optional<Call> thin(CallBoard.Lane lane, CoverPlan plan) {
    Species first = plan.mix().members().get(0).species();
    Optional<Double> stand = Optional.ofNullable(plan.seen().plants().get(first.id()));
    Optional<LocalDate> last =
        lane.season()
            .window()
            .flatMap(w -> w.closes().lastDayWithChance(at.figures().of(RESEED)))
            .filter(day -> day.isAfter(at.today()));
    boolean poor = stand.isPresent() && first.poorStand().filter(p -> stand.get() <= p).isPresent();
    if (!poor || last.isEmpty()) {
      return Optional.empty();
    }
    long days = ChronoUnit.DAYS.between(at.today(), last.get());
    return Optional.of(
        new Call(
            Call.Kind.RESEED,
            Reason.of(
                "{}: the stand of %s is thin, %s left to sow again"
                    .formatted(
                        first.name().toLowerCase(Locale.ROOT),
                        CallWords.counted((int) days, "day", "days")),
                lane.field()),
            Reseed.of(lane.season())
                .map(Reseed::says)
                .orElseGet(
                    () ->
                        Reason.of(
                            "Sown again by {} it is still in time in four of five years.",
                            last.get())),
            List.of(lane.key()),
            last.get()));
  }

  /** Three weeks before a roller is to end it: whether the mat that it needs will be there. */
  private Optional<Call> goOrNot(CallBoard.Lane lane, CoverPlan plan) {
    Optional<LocalDate> aim =
        lane.season()
            .termination()
            .flatMap(TerminationOutlook::aim)
            .filter(d -> d.isAfter(at.today()));
    Optional<MatForecast> mat = lane.season().mat();
    Optional<DryMatter> least = LeastMat.of(plan.termination(), at.figures());
    if (least.isEmpty()
        || aim.isEmpty()
        || mat.isEmpty()
        || !at.near(aim, at.figures().whole(GO_DAYS))) {
      return Optional.empty();
    }
    DryMatter needed = least.get();
    boolean alone = !plan.termination().usesHerbicide();
    double chance = mat.get().chanceOfAtLeast(needed, aim.get());
    if (chance >= at.figures().of(GO)) {
      return Optional.empty();
    }
    boolean off = chance <= at.figures().of(NO_GO);
    Reason says =
        off
            ? Reason.of(
                alone
                    ? "{}: the roller alone will not do, {} for a mat of {}"
                    : "{}: rolling with a spray will not do, {} for a mat of {}",
                lane.field(),
                Share.of(chance),
                needed)
            : Reason.of(
                "{}: go or no-go for the roller, {} for a mat of {}",
                lane.field(),
                Share.of(chance),
                needed);
    Reason detail =
        off
            ? Reason.of(
                alone
                    ? "Spray it early, roll and spray, or plant green; decide while all are open."
                    : "Spray it early or plant green; decide while both are open.")
            : Reason.of("Clip it: what stands now decides.");
    return Optional.of(
        new Call(
            off ? Call.Kind.CHANGE_PLAN : Call.Kind.LOOK,
            says,
            detail,
            List.of(lane.key()),
            aim.get()));
  }
}
