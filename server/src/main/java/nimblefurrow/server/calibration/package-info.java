/** Catch tests, pan tests and first-acre checks of the farm's machines, kept and offered again. */
package nimblefurrow.server.calibration;
