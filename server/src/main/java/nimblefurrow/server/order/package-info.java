/** The seed order over all fields, with prices and as files. */
package nimblefurrow.server.order;
