/**
 * One class for each way of ending a cover, behind {@link
 * nimblefurrow.core.termination.method.Termination}.
 *
 * <p>A way says when it opens, when it is aimed for, when it closes, what it kills by member, what
 * it needs, and its reasons for and against. Ways without rules yet have their place and are not
 * offered.
 */
package nimblefurrow.core.termination.method;
