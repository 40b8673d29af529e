/**
 * What to sow: species and mixes ranked with reasons, why not the rest, and openings in the chain.
 */
package nimblefurrow.core.advice;
