/** The farm's own products, and which of them a cover is to be sprayed with. */
package nimblefurrow.server.product;
