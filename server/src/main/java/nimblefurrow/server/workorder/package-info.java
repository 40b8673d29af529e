/** Work orders: one printed page that a hired crew needs no phone call for. */
package nimblefurrow.server.workorder;
