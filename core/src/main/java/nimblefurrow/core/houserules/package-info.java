/**
 * Where growers disagree: what a farm has chosen for itself, handed to every rule that depends on
 * it. A field may differ and says so.
 *
 * <p>Not figures: a figure is a measured or estimated number, a house rule is a school.
 *
 * <p>Begin at {@link nimblefurrow.core.houserules.HouseRules}.
 */
package nimblefurrow.core.houserules;
