/** Answers that hold as long as nothing of a farm has changed; nothing here knows what they are. */
package nimblefurrow.server.unchanged;
