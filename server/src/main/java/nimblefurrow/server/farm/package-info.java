/**
 * The farm as it is kept: its settings, farmsteads, fields with their chain of crops and covers,
 * machines, seed.
 */
package nimblefurrow.server.farm;
