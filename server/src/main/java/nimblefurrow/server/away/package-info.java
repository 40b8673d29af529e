/** Days on which machines and people cannot be had: broken, ill, at a wedding, hauling grain. */
package nimblefurrow.server.away;
