/**
 * Every starting value, from data files, with unit, limits and source; a farm's changes over them;
 * one reader. What a figure means is known by the package that asks for it.
 */
package nimblefurrow.core.figures;
