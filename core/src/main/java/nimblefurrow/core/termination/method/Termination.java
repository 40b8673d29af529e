package nimblefurrow.core.termination.method;

import nimblefurrow.core.termination.TerminationOutlook;

/**
 * One way of ending a cover, worked out for a stand: when it opens, the day to aim at, when it
 * closes, what it kills of each member, what it leaves, what speaks for and against it. Each way is
 * a class of its own; {@link nimblefurrow.core.termination.method.TerminationRules} chooses among
 * them.
 */
public interface Termination {
  /** The way as it looks today; impossible ones say why, and what would make them possible. */
  TerminationOutlook outlook();
}
