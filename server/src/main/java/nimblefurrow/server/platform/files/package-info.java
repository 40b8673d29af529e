/**
 * Files read and written, within bounds: tables, workbooks, calendars, shapes, pictures, papers.
 */
package nimblefurrow.server.platform.files;
