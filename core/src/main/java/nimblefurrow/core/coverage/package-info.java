/** What was laid where: a machine's points turned into acres covered, skips, overlaps and rates. */
package nimblefurrow.core.coverage;
