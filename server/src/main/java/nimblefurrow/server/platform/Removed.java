package nimblefurrow.server.platform;

/**
 * What became of a thing that was taken out.
 *
 * @param kept how many records rest on it and stay
 * @param says a word of what stays
 */
public record Removed(int kept, String says) {
  public static Removed gone(String what) {
    return new Removed(0, what + " is deleted: nothing was written about it");
  }

  public static Removed retired(String what, int records) {
    return new Removed(
        records,
        "%s is taken out; %s of it %s"
            .formatted(
                what,
                records == 1 ? "1 record" : records + " records",
                records == 1 ? "stays" : "stay"));
  }
}
