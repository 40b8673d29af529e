/**
 * What to sow: species and mixes ranked with reasons, why not the rest, and openings in the chain.
 *
 * <p>A question that a species fails (too late, barred by a herbicide, never lives here) leaves it
 * out and is told; what passes is ordered by how well it serves the goals. Scores only order: no
 * score is ever shown.
 *
 * <p>Begin at {@link nimblefurrow.core.advice.Advice}; {@link nimblefurrow.core.advice.SeasonLore}
 * keeps what the weather alone says, so that many fields cost little more than one.
 */
package nimblefurrow.core.advice;
