/**
 * The running server seen from outside: who asks, what may be asked, and what a farm's things are
 * called.
 */
package nimblefurrow.bench.api;
