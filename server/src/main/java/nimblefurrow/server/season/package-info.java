/**
 * Every field's season as of the farm's day: lanes, the field's answer, calls, and choosing a
 * cover.
 */
package nimblefurrow.server.season;
