/** Files in and out: field boundaries, jobs for calendars and spreadsheets. */
package nimblefurrow.server.exchange;
