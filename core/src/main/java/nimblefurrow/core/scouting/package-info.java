/**
 * What is counted and clipped in the field, and what it says: stem counts, biomass samples, the
 * test that tells when enough was counted.
 *
 * <p>Stems of one spot are alike, so ten stems are not ten answers: shares are told on the
 * effective number. A verdict comes as early as the spots allow, and no earlier.
 *
 * <p>Begin at {@link nimblefurrow.core.scouting.StemCount} and {@link
 * nimblefurrow.core.scouting.Quadrats}.
 */
package nimblefurrow.core.scouting;
