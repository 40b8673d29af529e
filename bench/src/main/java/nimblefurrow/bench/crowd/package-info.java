/** Many people at once. */
package nimblefurrow.bench.crowd;
