/** What needs a person now, found from the season alone. */
package nimblefurrow.core.season.call;
