/**
 * The board: jobs on machines and days. {@link nimblefurrow.core.board.Layout} tells a plan on the
 * hours that may be counted on, {@link nimblefurrow.core.board.WhatIf} what a move would mean,
 * {@link nimblefurrow.core.board.PublishedDay} what has changed since a day was told.
 *
 * <p>Where a plan comes from is {@link nimblefurrow.core.board.SchedulePlanner}.
 */
package nimblefurrow.core.board;
