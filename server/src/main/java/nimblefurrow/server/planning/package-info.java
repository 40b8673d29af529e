/** Plans as a whole: searched for behind the scenes, kept, compared, brought back, mended. */
package nimblefurrow.server.planning;
