/**
 * One field's season, put together: cash crop calendar, the cover's window, growth and end, and
 * what needs a person now.
 */
package nimblefurrow.core.season;
