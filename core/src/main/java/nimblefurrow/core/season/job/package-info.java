/** The jobs that a field's season asks for. */
package nimblefurrow.core.season.job;
