package nimblefurrow.core.termination;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Reason;

/**
 * What one way of ending a cover would look like: when it can start and must be over, the day to
 * aim at, the mat and the kill on that day (range ± 0.10; a mix dies as its hardest member does,
 * and without a figure for one of them there is none), what speaks for and what against it.
 *
 * @param impossible why it cannot be done at all, with {@code remedy} saying what would make it
 *     possible
 */
public record TerminationOutlook(
    TerminationMethod method,
    DateForecast opens,
    DateForecast closes,
    Optional<LocalDate> aim,
    Optional<Spread> mat,
    Optional<Double> kill,
    List<MemberKill> members,
    List<Reason> reasons,
    List<Reason> against,
    Optional<Reason> impossible,
    Optional<Reason> remedy) {
  /** Width of the range in which a kill is told, as a share. */
  public static final FigureKey KILL_RANGE = FigureKey.of("termination", "kill_range");

  /** What it does to one member of the mix; empty where there is no figure. */
  public record MemberKill(String species, Optional<Double> kill) {}

  /** The same with more that speaks against it, said first. */
  public TerminationOutlook against(List<Reason> more) {
    return new TerminationOutlook(
        method,
        opens,
        closes,
        aim,
        mat,
        kill,
        members,
        reasons,
        Stream.concat(more.stream(), against.stream()).toList(),
        impossible,
        remedy);
  }

  /** A way that cannot be taken, with what would help. */
  public static TerminationOutlook impossible(TerminationMethod method, Reason why, Reason remedy) {
    DateForecast never = DateForecast.never(1);
    return new TerminationOutlook(
        method,
        never,
        never,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        List.of(),
        List.of(),
        List.of(),
        Optional.of(why),
        Optional.of(remedy));
  }
}
