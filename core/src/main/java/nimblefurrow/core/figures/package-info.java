/**
 * Shipped tables of figures, how they are read, and what a farm may change of them within which
 * limits. What a figure means is known by the package that asks for it.
 */
package nimblefurrow.core.figures;
