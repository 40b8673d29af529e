/** The first steps of a new farm: what it still lacks, told by facts alone. */
package nimblefurrow.server.start;
