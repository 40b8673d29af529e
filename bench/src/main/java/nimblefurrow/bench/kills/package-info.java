/** What is killed while people write, and whether anything that was acknowledged is lost. */
package nimblefurrow.bench.kills;
