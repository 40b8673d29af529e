/** One farm's people knock at every door of another farm. */
package nimblefurrow.bench.walls;
