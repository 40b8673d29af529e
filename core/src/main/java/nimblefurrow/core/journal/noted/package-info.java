/**
 * What is noted with a fact: by whom and on what, where in the field, and the field as it then was.
 */
package nimblefurrow.core.journal.noted;
