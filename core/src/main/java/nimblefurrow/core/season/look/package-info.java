/**
 * What a walk through a field could tell, what was seen, and what one field's counts say of others.
 */
package nimblefurrow.core.season.look;
