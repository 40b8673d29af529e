/** The species that the farm can choose from. */
package nimblefurrow.server.catalog;
