/** Setting a machine to its rate: catch tests, the next setting, meters, pans, the first acres. */
package nimblefurrow.core.calibration;
