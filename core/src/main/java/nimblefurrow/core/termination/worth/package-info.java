/**
 * What an end of the cover is worth in money, part by part, in $/ac against a field without a mat.
 * Begin at {@link nimblefurrow.core.termination.worth.WeedWorth}.
 */
package nimblefurrow.core.termination.worth;
