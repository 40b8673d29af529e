/**
 * What was done and seen in the fields, as it was written down: a low floor, on which nothing is
 * planned and nothing forecast. A fact is a type of its own, with its limits, what may come before
 * it and what it says; facts of one cover are folded in one place.
 *
 * <p>Begin at {@link nimblefurrow.core.journal.Entry}, then {@link nimblefurrow.core.journal.Fact};
 * what the facts of a field come to is told by {@link nimblefurrow.core.journal.Story}.
 *
 * <p>A new kind of fact is one record here, with its name in {@link
 * nimblefurrow.core.journal.FactReader}: whatever puts facts into words or keeps them does not
 * compile until it knows it.
 */
package nimblefurrow.core.journal;
