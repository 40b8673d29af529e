/**
 * Cash crops and their calendars: which stage comes when, as one date per climate year.
 *
 * <p>Lives here: corn, soybeans, small grains, crops entered by their dates, re-anchoring by what
 * was seen. Does not live here: what may be sown into them ({@code seeding}).
 */
package nimblefurrow.core.cashcrop;
