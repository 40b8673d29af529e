/** Calendars to subscribe to: a machine's, a person's, or all of a farm's work. */
package nimblefurrow.server.feed;
