/**
 * Setting a machine to its rate: catch tests, the next setting, meters, pans, the first acres.
 *
 * <p>A rate is seed caught over the land it was caught on; settings are taken as proportional to
 * the rate between two catches. Nothing here knows a brand or a rate chart: the machine in the yard
 * is the chart.
 *
 * <p>Begin at {@link nimblefurrow.core.calibration.CatchTest} and {@link
 * nimblefurrow.core.calibration.NextSetting}.
 */
package nimblefurrow.core.calibration;
