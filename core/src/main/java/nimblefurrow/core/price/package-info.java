/** What a pass costs: own, hired and rented machines as true dollars an acre at a field. */
package nimblefurrow.core.price;
