/**
 * Herbicide by the farm's own products: what their labels say, and a burndown planned with them.
 */
package nimblefurrow.server.spray;
