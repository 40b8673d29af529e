/** The farm itself: its name, its place, its house rules, its day. */
package nimblefurrow.server.farm;
