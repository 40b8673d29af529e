/** Choosing a cover: candidates laid on the bench, tried on a field, kept for one field or many. */
package nimblefurrow.server.cover;
