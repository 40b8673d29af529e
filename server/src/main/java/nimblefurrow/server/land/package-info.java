/** The farm's map: marks and hazards, boundaries cut and joined, what was sprayed on a field. */
package nimblefurrow.server.land;
