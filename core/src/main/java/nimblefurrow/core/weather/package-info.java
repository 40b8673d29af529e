/**
 * Daily weather, heat, climate years, the ensemble of what may still come, and topsoil water.
 *
 * <p>A forecast here is never a bare date: it is one answer per climate year, kept together. Where
 * weather comes from (a station, a file) is not known here.
 */
package nimblefurrow.core.weather;
