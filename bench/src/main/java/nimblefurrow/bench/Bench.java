package nimblefurrow.bench;

import java.util.List;

/** Measures, apart from the tests: {@code ./furrow bench}, or {@code ./furrow bench --agronomy}. */
public final class Bench {
  private Bench() {}

  public static void main(String[] args) throws Exception {
    if (List.of(args).contains("--agronomy")) {
      AgronomyTable.print(System.out);
    } else {
      SeasonLoad.run(System.out);
      System.exit(0);
    }
  }
}
