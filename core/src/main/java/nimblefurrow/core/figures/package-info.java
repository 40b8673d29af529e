/**
 * Every starting value, from data files, with unit, limits and source; a farm's changes over them;
 * one reader.
 *
 * <p>A rule names its figure by a key beside the rule; a test holds keys and files together both
 * ways. {@code Figures} is immutable and handed in, so that a farm's change reaches every rule at
 * once and nothing else.
 *
 * <p>What a figure means is known by the package that asks for it. Begin at {@link
 * nimblefurrow.core.figures.Figures}.
 */
package nimblefurrow.core.figures;
