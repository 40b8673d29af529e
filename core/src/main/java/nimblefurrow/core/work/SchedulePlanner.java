package nimblefurrow.core.work;

/** Places jobs on machines and days. Pinned jobs keep their place; the rest find the best one. */
public interface SchedulePlanner {
  Schedule plan(ScheduleProblem problem);
}
