/**
 * Ending a cover: routes and the schools behind them, what each kills, when each can be done, and
 * what speaks for and against it.
 */
package nimblefurrow.core.termination;
