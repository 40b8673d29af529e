package nimblefurrow.core.board;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.yard.Machine;

/**
 * How a list that people go by may be changed. Keeping it comes first; a change is proposed where
 * it gains enough, moves few jobs, and leaves the next days alone.
 *
 * @param touched jobs that nobody minds moving: without a place, on a machine that cannot be had
 *     today, or locked, which stay anyway
 * @param soon jobs of the next days: moving them costs most
 */
public record Mending(Set<JobId> touched, Set<JobId> soon) {
  private static final FigureKey SOON = FigureKey.of("work", "soon");
  private static final FigureKey WORTH = FigureKey.of("work", "worth_moving");
  private static final FigureKey FEW = FigureKey.of("work", "moved_few");
  private static final FigureKey USUAL = FigureKey.of("work", "usual_moved");
  private static final FigureKey MANY = FigureKey.of("work", "moved_many");

  public Mending {
    touched = Set.copyOf(touched);
    soon = Set.copyOf(soon);
  }

  /** Which jobs of a board may be moved how freely. */
  public static Mending of(ScheduleProblem now) {
    LocalDate today = now.campaign().first();
    LocalDate far = today.plusDays(now.fit().figures().whole(SOON));
    Set<String> gone =
        now.campaign().machines().stream()
            .filter(m -> m.off().contains(today))
            .map(Machine::id)
            .collect(Collectors.toSet());
    Set<JobId> touched = new HashSet<>(now.campaign().byId().keySet());
    Set<JobId> soon = new HashSet<>();
    for (Pin pin : now.pins()) {
      if (!pin.locked() && !gone.contains(pin.machineId())) {
        touched.remove(pin.jobId());
      }
      if (pin.start().isBefore(far)) {
        soon.add(pin.jobId());
      }
    }
    return new Mending(touched, soon);
  }

  /** Shares of the untouched jobs that are tried, from a few to all. */
  public static List<Share> shares(Figures figures) {
    return Stream.of(figures.of(FEW), figures.of(USUAL), figures.of(MANY), 1.0)
        .sorted()
        .map(Share::of)
        .toList();
  }

  /** The share that is moved at most unless more is asked for. */
  public static Share usual(Figures figures) {
    return Share.of(figures.of(USUAL));
  }

  /** Whether a change is proposed: it moves no more than is usual, and gains enough. */
  public static boolean proposed(Share most, Money keeping, Money then, Figures figures) {
    return most.fraction() <= figures.of(USUAL) + 1e-9
        && keeping.value() - then.value() > figures.of(WORTH) * keeping.value();
  }
}
