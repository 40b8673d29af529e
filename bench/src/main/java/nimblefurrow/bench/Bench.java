package nimblefurrow.bench;

import java.util.List;

/**
 * Measures, apart from the tests: {@code ./furrow bench}, {@code ./furrow bench --seeding}, or
 * {@code ./furrow bench --agronomy} for dates to read.
 */
public final class Bench {
  private Bench() {}

  public static void main(String[] args) throws Exception {
    if (List.of(args).contains("--agronomy")) {
      AgronomyTable.print(System.out);
    } else if (List.of(args).contains("--seeding")) {
      SeedingSpeed.print(System.out);
    } else {
      SeedingSpeed.print(System.out);
      SeasonLoad.run(System.out);
      System.exit(0);
    }
  }
}
