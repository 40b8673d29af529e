/**
 * Jobs: what is done to one field with one kind of machine, when it can be done, what it waits for,
 * what waiting costs, and what was said of it from the field.
 *
 * <p>Begin at {@link nimblefurrow.core.job.Job}. On which day and machine a job stands is not known
 * here; see {@code core/board}.
 */
package nimblefurrow.core.job;
