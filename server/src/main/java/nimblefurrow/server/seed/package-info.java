/** Seed in store with its tags and papers, and mixes that have a name. */
package nimblefurrow.server.seed;
