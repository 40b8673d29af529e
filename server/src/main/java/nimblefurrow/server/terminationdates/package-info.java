/** Days that insurers and programmes set for the end of covers. */
package nimblefurrow.server.terminationdates;
