/**
 * Cash crops and their calendars: which stage comes when, as one date per climate year.
 *
 * <p>Corn runs on heat above 50 °F, soybeans on day length and group, small grains on the calendar;
 * what somebody saw in the field replaces what was computed from then on.
 *
 * <p>Does not live here: what may be sown into them ({@code seeding}). Begin at {@link
 * nimblefurrow.core.cashcrop.CropCalendar}.
 */
package nimblefurrow.core.cashcrop;
