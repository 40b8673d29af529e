/** Those who do the work: what they say of it, and the private list of a hired crew. */
package nimblefurrow.server.crew;
