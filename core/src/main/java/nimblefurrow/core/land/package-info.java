/**
 * Fields as land: boundaries, cutting and joining them, zones, and what is marked on the map.
 *
 * <p>Areas are measured on the ellipsoid; shapes are worked on in a plane about the field. Acres in
 * are acres out of every cut. A zone is a part of a field with land facts of its own, drawn or by
 * its share.
 *
 * <p>Begin at {@link nimblefurrow.core.land.Boundary} and {@link nimblefurrow.core.land.Zoning}.
 */
package nimblefurrow.core.land;
