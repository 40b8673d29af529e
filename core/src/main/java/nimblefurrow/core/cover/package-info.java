/**
 * Cover crops as plants: species and their figures, how they grow, which stage they reach, what the
 * winter leaves of them.
 *
 * <p>Does not live here: rates and ways of sowing ({@code seeding}), ways of killing ({@code
 * termination}).
 */
package nimblefurrow.core.cover;
