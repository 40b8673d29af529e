/**
 * Drawings to judge and be told the truth of, so that an eye learns what it is off by. Begin at
 * {@link nimblefurrow.core.practice.Exercise}.
 */
package nimblefurrow.core.practice;
