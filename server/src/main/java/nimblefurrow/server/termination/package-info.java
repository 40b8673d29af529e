/**
 * Every living cover and what its termination means: methods, hours, money, plans, sprays, what was
 * learnt.
 */
package nimblefurrow.server.termination;
