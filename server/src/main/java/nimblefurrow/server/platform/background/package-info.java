/** Memory, the schema, and a database that does not answer. */
package nimblefurrow.server.platform.background;
