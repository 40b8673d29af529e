package nimblefurrow.server.weather;

import java.time.LocalDate;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.server.farm.WeatherSource;

/**
 * Names an outlook by all that it is made from: two of one name are the same, whichever farm asked
 * and whichever server worked it out. Small, so that what is kept under it pins no weather.
 *
 * @param cell the place and station, as the source tells farms of one weather apart from others
 */
public record OutlookName(WeatherSource source, Object cell, LocalDate today, Figures figures) {}
