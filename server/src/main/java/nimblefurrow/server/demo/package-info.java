/** The invented farm that a new installation starts with, and larger ones for measuring. */
package nimblefurrow.server.demo;
