/** Requests that nobody would send, by the thousand, and what must hold after them. */
package nimblefurrow.bench.fuzz;
