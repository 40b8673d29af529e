/** Field boundaries on the earth: areas by geodesic, and what makes a boundary unfit to use. */
package nimblefurrow.core.land;
