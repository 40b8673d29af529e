/**
 * A field's years as links in their places: which stretch a cover stands in, which one runs on a
 * day, when the sheet turns. What the links say of crops and covers is known above.
 */
package nimblefurrow.core.chain;
