package nimblefurrow.pocket;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The phone says what the server says: 10,000 questions, asked of both. */
class PocketTest {
  private static final Path SCRIPT = Path.of("target/pocket/pocket.js");
  private static final int QUESTIONS = 10_000;

  /** Calls one rule for each line of questions, and writes one line of answers for each. */
  private static final String ASK =
      """
      import { readFileSync, writeFileSync } from 'node:fs'
      const pocket = await import(process.argv[2])
      const said = (v) => typeof v === 'string' ? v
        : Array.from(typeof v === 'number' ? [v] : v, (n) => n.toFixed(6)).join(' ')
      const lines = readFileSync(process.argv[3], 'utf8').trim().split('\\n')
      writeFileSync(process.argv[4], lines.map((line) => {
        const [rule, args] = JSON.parse(line)
        return said(pocket[rule](...args))
      }).join('\\n'))
      """;

  private final List<String> asked = new ArrayList<>();
  private final List<String> answers = new ArrayList<>();
  private final SplittableRandom dice = new SplittableRandom(20261126);

  private void ask(String rule, String args, String answer) {
    asked.add("[\"" + rule + "\",[" + args + "]]");
    answers.add(answer);
  }

  private static String said(double... values) {
    return Arrays.stream(values)
        .mapToObj(v -> String.format(Locale.ROOT, "%.6f", v))
        .collect(Collectors.joining(" "));
  }

  private static String list(Object... values) {
    return Arrays.stream(values).map(String::valueOf).collect(Collectors.joining(","));
  }

  private double[] some(int least, double high) {
    return dice.doubles(dice.nextInt(least, 13), 0, high).toArray();
  }

  private void question(int kind) {
    int spots = dice.nextInt(1, 12);
    int stems = spots * dice.nextInt(1, 12);
    int past = dice.nextInt(0, stems + 1);
    switch (kind) {
      case 0 ->
          ask(
              "stemVerdict",
              list(.8, .6, .1, .1, 5, 100, spots, stems, past),
              Pocket.stemVerdict(.8, .6, .1, .1, 5, 100, spots, stems, past));
      case 1 ->
          ask(
              "stemInterval",
              list(.1, spots, stems, past),
              said(Pocket.stemInterval(.1, spots, stems, past)));
      case 2 -> {
        double mean = dice.nextDouble(600, 1400);
        double sd = dice.nextDouble(15, 120);
        double heat = mean + dice.nextDouble(-200, 200);
        ask(
            "countedReady",
            list(mean, sd, heat, .1, 45, 15, .8, spots, stems, past),
            said(Pocket.countedReady(mean, sd, heat, .1, 45, 15, .8, spots, stems, past)));
      }
      case 3 -> {
        double[] grams = some(1, 300);
        double frame = dice.nextDouble(0.5, 10);
        ask(
            "clipped",
            frame + "," + Arrays.toString(grams) + ",0.25",
            said(Pocket.clipped(frame, grams, .25)));
      }
      case 4 -> {
        int[] plants = dice.ints(dice.nextInt(1, 13), 0, 60).toArray();
        double row = Pocket.squareFeetOfRow(3, 7.5);
        ask(
            "stand",
            Arrays.toString(plants) + "," + row + ",2.5",
            said(Pocket.stand(plants, row, 2.5)));
      }
      case 5 -> {
        double[] lit = some(1, 1);
        ask("leavesLost", Arrays.toString(lit) + ",0.1", said(Pocket.leavesLost(lit, .1)));
      }
      case 6 -> {
        double[] read = some(1, 140);
        ask("readings", Arrays.toString(read), said(Pocket.readings(read)));
      }
      case 7 -> {
        int[] points = dice.ints(4L * dice.nextInt(1, 30), 0, 256).toArray();
        ask(
            "greenPoints",
            Arrays.toString(points),
            said(Arrays.stream(Pocket.greenPoints(points)).asDoubleStream().toArray()));
      }
      default -> {
        double stand = dice.nextInt(0, 60) / 2.0;
        boolean of = dice.nextBoolean();
        ask("standVerdict", list(stand, 12, 6, of), Pocket.standVerdict(stand, 12, 6, of));
      }
    }
  }

  @Test
  void thePhoneAnswersAsTheServerDoes(@TempDir Path folder) throws Exception {
    for (int i = 0; i < QUESTIONS; i++) {
      question(i % 9);
    }
    Path questions = folder.resolve("asked");
    Path said = folder.resolve("said");
    Path script = folder.resolve("ask.mjs");
    Path pocket = folder.resolve("pocket.mjs");
    Files.writeString(questions, String.join("\n", asked));
    Files.writeString(script, ASK);
    Files.copy(SCRIPT, pocket);
    Process node =
        new ProcessBuilder(
                "node", script.toString(), pocket.toString(), questions.toString(), said.toString())
            .redirectErrorStream(true)
            .start();
    String trouble = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(node.waitFor()).as(trouble).isZero();
    List<String> phone = Files.readAllLines(said);
    assertThat(phone).hasSize(QUESTIONS);
    for (int i = 0; i < QUESTIONS; i++) {
      assertThat(phone.get(i)).as(asked.get(i)).isEqualTo(answers.get(i));
    }
    assertThat(answers).contains("READY", "WAIT", "COUNT_ON", "GOOD", "FAIR", "POOR");
  }

  @Test
  void itIsLightEnoughToTakeAlong() throws IOException {
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (GZIPOutputStream zip = new GZIPOutputStream(packed)) {
      zip.write(Files.readAllBytes(SCRIPT));
    }
    assertThat(packed.size()).isBetween(10_000, 150_000);
  }
}
