/** What was done and seen in the fields, as it was written down. */
package nimblefurrow.server.journal;
