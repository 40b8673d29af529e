/** What is worth looking at in the fields today, and what a person takes along to look at it. */
package nimblefurrow.server.scout;
