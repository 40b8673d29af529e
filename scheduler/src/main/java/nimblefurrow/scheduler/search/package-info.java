/**
 * The search decides which plan of all that were played loses least over the years: it begins with
 * the best rule, changes a job's place, machine or wait thousands of times, and keeps what holds in
 * years whose weather comes some days later too. What a plan loses is played by {@code core/play}.
 */
package nimblefurrow.scheduler.search;
