/** Fields as land: boundaries, cutting and joining them, and what is marked on the map. */
package nimblefurrow.core.land;
