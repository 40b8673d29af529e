/** What the demo answers, written down, so that it can be set against what it answers later. */
package nimblefurrow.bench.answers;
