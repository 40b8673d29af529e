/**
 * Ending a cover: routes and the schools behind them, what each kills, when each can be done, and
 * what speaks for and against it.
 *
 * <p>Lives below: {@code route}, one class for each way of ending; {@code kill}, what a pass kills.
 * "When may this field be rolled?" is {@link nimblefurrow.core.termination.method.RollAndCrimp}.
 *
 * <p>A label, local law and licensed people decide what may be sprayed; nothing here permits
 * anything.
 */
package nimblefurrow.core.termination;
