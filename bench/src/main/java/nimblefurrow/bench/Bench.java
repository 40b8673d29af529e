package nimblefurrow.bench;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import nimblefurrow.bench.answers.AnswerBook;
import nimblefurrow.bench.crowd.Crowd;
import nimblefurrow.bench.fuzz.Fuzz;
import nimblefurrow.bench.honest.HonestSprings;
import nimblefurrow.bench.kills.Kills;
import nimblefurrow.bench.walls.Walls;

/**
 * Measures, apart from the tests: {@code ./furrow bench} for the speed of the views, or one of the
 * options that its usage names. Ends with 1 where what is wanted did not hold.
 */
public final class Bench {
  private static final int REQUESTS = 10_000;
  private static final int SPRINGS = 1000;
  private static final int SECONDS = 10;
  private static final int DAYS = 400;
  private static final int KILLS = 60;

  private Bench() {}

  public static void main(String[] args) throws Exception {
    List<String> asked = List.of(args);
    boolean held = true;
    if (asked.contains("--agronomy")) {
      AgronomyTable.print(System.out);
    } else if (asked.contains("--seeding")) {
      SeedingSpeed.print(System.out);
    } else if (asked.contains("--fuzz")) {
      held = Fuzz.run(System.out, number(asked, "--fuzz", REQUESTS), number(asked, "--seed", 1));
    } else if (asked.contains("--walls")) {
      held = Walls.run(System.out);
    } else if (asked.contains("--growth")) {
      GrowthSpeed.print(System.out);
    } else if (asked.contains("--fields")) {
      TwelveFields.print(System.out);
    } else if (asked.contains("--termination")) {
      TerminationSpeed.print(System.out);
    } else if (asked.contains("--honest")) {
      held = HonestSprings.run(System.out, number(asked, "--honest", SPRINGS), 7);
    } else if (asked.contains("--campaigns")) {
      held =
          CampaignSet.run(
              System.out,
              word(asked, "--only").orElse(""),
              number(asked, "--seconds", SECONDS),
              number(asked, "--seed", 1));
    } else if (asked.contains("--schedule")) {
      held =
          ScheduleBench.run(
              System.out,
              new ScheduleBench.Asked(
                  file(asked, "--schedule").orElse(null),
                  number(asked, "--seconds", SECONDS),
                  number(asked, "--seed", 1),
                  number(asked, "--threads", 1),
                  new ReplanBench.Lost(number(asked, "--gone", 0), number(asked, "--lost", 0)),
                  file(asked, "--out").orElse(null)));
    } else if (asked.contains("--walk")) {
      held = Walk.run(System.out, number(asked, "--walk", DAYS));
    } else if (asked.contains("--kills")) {
      held = Kills.run(System.out, number(asked, "--kills", KILLS));
    } else if (asked.contains("--answers")) {
      held =
          AnswerBook.write(
              System.out, file(asked, "--answers").orElseGet(() -> Path.of("answers.txt")));
    } else if (asked.contains("--crowd")) {
      held = Crowd.run(System.out, number(asked, "--farms", 0));
    } else {
      SeedingSpeed.print(System.out);
      SeasonLoad.run(System.out);
    }
    System.exit(held ? 0 : 1);
  }

  /** A file as it is called from where the command was typed. */
  private static Optional<Path> file(List<String> asked, String option) {
    Path from = Path.of(word(asked, "--from").orElse(""));
    return word(asked, option).map(from::resolve);
  }

  private static Optional<String> word(List<String> asked, String option) {
    int at = asked.indexOf(option) + 1;
    return at > 0 && at < asked.size() ? Optional.of(asked.get(at)) : Optional.empty();
  }

  private static int number(List<String> asked, String option, int otherwise) {
    int at = asked.indexOf(option) + 1;
    return at > 0 && at < asked.size() && asked.get(at).matches("\\d{1,7}")
        ? Integer.parseInt(asked.get(at))
        : otherwise;
  }
}
