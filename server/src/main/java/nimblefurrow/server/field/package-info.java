/** The farm's fields and farmsteads: their land, their names, how they are left out or retired. */
package nimblefurrow.server.field;
