/**
 * Daily weather, heat, climate years, the ensemble of what may still come, and topsoil water.
 *
 * <p>A forecast here is never a bare date: it is one answer per climate year, kept together. Up to
 * today all years are alike; then the forecast leans them, by less the farther ahead; then each
 * goes its own way.
 *
 * <p>Where weather comes from (a station, a file) is not known here. Begin at {@link
 * nimblefurrow.core.weather.Outlook}.
 */
package nimblefurrow.core.weather;
