/** Constants as rows keep them, by their lasting codes. */
package nimblefurrow.server.platform.codes;
