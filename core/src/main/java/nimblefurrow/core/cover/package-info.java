/**
 * Cover crops as plants: species and their figures, how they grow, which stage they reach, what the
 * winter leaves of them.
 *
 * <p>Growth and stages run on heat above 40 °F from the sowing and from the turn of the year; cold
 * kills by species and snow. Counts and clippings move a stand's stages and scale its curve, they
 * do not replace them.
 *
 * <p>Does not live here: rates and ways of sowing ({@code seeding}), ways of killing ({@code
 * termination}). "What does rye survive?" is {@link nimblefurrow.core.cover.Winter}.
 */
package nimblefurrow.core.cover;
