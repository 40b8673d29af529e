/** What every feature stands on: who is asking, how errors are said, how the API is described. */
package nimblefurrow.server.platform;
