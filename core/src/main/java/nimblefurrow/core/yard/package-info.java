/**
 * The yard: machines with their kinds and set-ups, the people who drive them, roads between
 * farmsteads, and on what terms a crew comes.
 *
 * <p>"Who can drive the drill?" is {@link nimblefurrow.core.yard.Machine}. What a machine does in
 * an hour on a field is not known here; see {@code core/loads}.
 */
package nimblefurrow.core.yard;
