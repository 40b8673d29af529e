/** Every field's season as of the farm's day: lanes, the field's answer and calls. */
package nimblefurrow.server.season;
