/**
 * A field's years as links in their places: which stretch a cover stands in, which one runs on a
 * day, when the sheet turns.
 *
 * <p>Order is a place, never a date: a cover is between its crop and the next whatever their days
 * do. A cover may be for one zone; there it stands in place of the field's. A cut frees ground for
 * another cover, and is then a ground like a crop.
 *
 * <p>What the links say of crops and covers is known above. Begin at {@link
 * nimblefurrow.core.chain.Stretch}.
 */
package nimblefurrow.core.chain;
