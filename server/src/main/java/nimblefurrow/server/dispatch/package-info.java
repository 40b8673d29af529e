/**
 * Jobs on machines and days: planning them, moving them with the consequence told, the day sheet.
 */
package nimblefurrow.server.dispatch;
