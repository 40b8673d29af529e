/** What is measured apart from the tests, each by an option of {@code ./furrow bench}. */
package nimblefurrow.bench;
