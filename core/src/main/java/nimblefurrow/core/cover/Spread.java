package nimblefurrow.core.cover;

/** A figure with its 10, 50 and 90 % marks. */
public record Spread(double low, double middle, double high) {}
