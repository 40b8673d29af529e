/**
 * What a farm takes as true: species and every figure that it may change, and what can be chosen.
 */
package nimblefurrow.server.catalogue;
