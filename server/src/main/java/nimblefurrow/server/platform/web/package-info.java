/**
 * How requests are read and answered: bodies, typed values, problems, files to keep, the API's
 * description.
 */
package nimblefurrow.server.platform.web;
