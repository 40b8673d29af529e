/** What a machine carries, how often it is filled, how many acres an hour come out, what limits. */
package nimblefurrow.core.loads;
