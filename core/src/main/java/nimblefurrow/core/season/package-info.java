/**
 * One field's season, put together: cash crop calendar, the cover's window, growth and end, and
 * what needs a person now.
 *
 * <p>Composed once, asked by every view: two views never disagree about one field on one day. Zones
 * that share a cover are looked at one by one; the field goes by the one that is ready last.
 *
 * <p>Begin at {@link nimblefurrow.core.season.SeasonComposer}; calls at {@link
 * nimblefurrow.core.season.call.CallBoard}; jobs at {@link nimblefurrow.core.season.job.FieldJobs}.
 */
package nimblefurrow.core.season;
