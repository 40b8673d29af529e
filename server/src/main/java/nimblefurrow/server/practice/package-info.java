/** Drawings that a person judges, kept for that person alone. */
package nimblefurrow.server.practice;
