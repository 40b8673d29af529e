package nimblefurrow.core.journal;

import java.time.LocalDate;

/**
 * A fact with its day.
 *
 * @param <F> the kind of fact
 */
public record Dated<F extends Fact>(LocalDate day, F fact) {}
