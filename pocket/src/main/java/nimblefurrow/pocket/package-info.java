/**
 * Core's rules of scouting for a phone without a signal, translated to JavaScript when the project
 * is built. Begin at {@link nimblefurrow.pocket.Pocket}.
 */
package nimblefurrow.pocket;
