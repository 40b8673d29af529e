package nimblefurrow.server.exchange;

import org.locationtech.jts.geom.Geometry;

/** A named shape read from a file; null shape when it could not be read, with the reason. */
record ReadFeature(String name, Geometry shape, String problem) {}
