/** Work of the farm's own that takes the machines and people that the covers want. */
package nimblefurrow.server.otherwork;
