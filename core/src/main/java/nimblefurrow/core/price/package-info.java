/**
 * What a pass costs: own, hired and rented machines as true dollars an acre at a field.
 *
 * <p>Owning is spread over the land of a year; a quote may be by the acre, by the hour above a
 * rate, and with a set-up at each field. What counts is the price of an acre of standing cover, not
 * of a pass.
 *
 * <p>Begin at {@link nimblefurrow.core.price.Quote}.
 */
package nimblefurrow.core.price;
