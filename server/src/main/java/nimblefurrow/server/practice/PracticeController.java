package nimblefurrow.server.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.practice.Exercise;
import nimblefurrow.core.practice.Eye;
import nimblefurrow.core.practice.Eye.Judged;
import nimblefurrow.core.practice.Scene;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.termination.PracticeField;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Drawings to judge, and what a person's eye is off by. */
@RestController
@RequestMapping("/api/v1/practice")
class PracticeController {
  /**
   * How a person judges one exercise.
   *
   * @param bias too high on average, {@code scatter} about it, in the exercise's unit
   * @param sure whether enough was judged to say so
   * @param last differences of the last judgements, the latest last
   */
  record EyeView(
      Exercise exercise,
      String words,
      String question,
      String unit,
      int most,
      int judged,
      int level,
      double bias,
      double scatter,
      boolean sure,
      List<Integer> last) {}

  record PracticeView(List<EyeView> eyes, boolean movesCounts, int sureFrom) {}

  /** A drawing; what is true of it is told when it has been judged. */
  record SceneView(Exercise exercise, long seed, int level, List<Scene.Drawn> marks) {}

  record JudgedForm(
      @NotNull UUID id,
      @NotNull Exercise exercise,
      @NotNull Long seed,
      @NotNull Integer level,
      @NotNull Integer said) {}

  /**
   * What was true.
   *
   * @param moved what such an eye would have done to a date of this farm; absent where no cover is
   *     to be rolled
   */
  record TruthView(int truth, int said, @Maybe String moved, PracticeView practice) {}

  record CountsForm(@NotNull Boolean moved) {}

  private static final int SHOWN = 20;

  private final Eyes eyes;
  private final Seasons seasons;
  private final CurrentFarm current;

  PracticeController(Eyes eyes, Seasons seasons, CurrentFarm current) {
    this.eyes = eyes;
    this.seasons = seasons;
    this.current = current;
  }

  @GetMapping
  PracticeView practice() {
    UUID person = current.user().userId();
    Figures figures = seasons.needed(current.id()).day().figures();
    return new PracticeView(
        Arrays.stream(Exercise.values()).map(e -> eye(person, e, figures)).toList(),
        eyes.movesCounts(person),
        figures.whole(Eye.SURE_FROM));
  }

  private EyeView eye(UUID person, Exercise exercise, Figures figures) {
    List<Judged> all = eyes.judged(person, exercise);
    Eye eye = Eye.of(all, figures);
    return new EyeView(
        exercise,
        exercise.words(),
        exercise.question(),
        exercise.unit(),
        exercise.most(),
        eye.judged(),
        eye.level(),
        Math.round(10 * eye.bias()) / 10.0,
        Math.round(10 * eye.scatter()) / 10.0,
        eye.sure(figures),
        all.stream().skip(Math.max(0, all.size() - SHOWN)).map(j -> j.said() - j.truth()).toList());
  }

  /** The next drawing of an exercise, as hard as the person has come. */
  @GetMapping("/{exercise}/{seed}")
  SceneView scene(@PathVariable Exercise exercise, @PathVariable long seed) {
    Figures figures = seasons.needed(current.id()).day().figures();
    int level = Eye.of(eyes.judged(current.user().userId(), exercise), figures).level();
    Scene scene = Scene.of(exercise, seed, level, figures);
    return new SceneView(exercise, seed, level, scene.marks());
  }

  @PostMapping
  TruthView judge(@Valid @RequestBody JudgedForm form) {
    Figures figures = seasons.needed(current.id()).day().figures();
    Limits.within("what you say", form.said(), 0, form.exercise().most(), Unit.NONE);
    Scene scene = Scene.of(form.exercise(), form.seed(), form.level(), figures);
    eyes.keep(current.user().userId(), form.id(), scene, form.said());
    return new TruthView(
        scene.truth(),
        form.said(),
        form.exercise().movesDates() ? moved(form.said(), scene.truth()).orElse(null) : null,
        practice());
  }

  @PostMapping("/counts")
  PracticeView counts(@Valid @RequestBody CountsForm form) {
    eyes.moveCounts(current.user().userId(), form.moved());
    return practice();
  }

  private Optional<String> moved(int said, int truth) {
    return PracticeField.of(seasons.needed(current.id()))
        .flatMap(
            field ->
                Eye.daysMoved(
                        said / 100.0, truth / 100.0, field.stages(), field.day(), field.figures())
                    .map(days -> words(field.name(), days)));
  }

  private static String words(String field, double days) {
    double whole = Math.round(10 * Math.abs(days)) / 10.0;
    return whole == 0
        ? "In %s it would have moved nothing.".formatted(field)
        : "In %s it would have made the date %s days too %s."
            .formatted(field, whole, days > 0 ? "early" : "late");
  }
}
