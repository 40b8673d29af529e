/**
 * What is counted and clipped in the field, and what it says: stem counts, biomass samples, the
 * test that tells when enough was counted.
 */
package nimblefurrow.core.scouting;
