/**
 * Herbicide by active ingredient and by the label figures that the farm has entered: rate, tank,
 * partners, what a mat catches. For planning only; the label decides. Begin at {@link
 * nimblefurrow.core.termination.spray.SprayPlan}.
 */
package nimblefurrow.core.termination.spray;
