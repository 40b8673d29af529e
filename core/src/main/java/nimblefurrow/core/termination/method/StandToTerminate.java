package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.weather.Outlook;

/**
 * A cover about to be ended, with all that its end depends on: stages of what lives, the mat, the
 * crop to come, the rules of the house; and the sums that several ways of ending share.
 */
public final class StandToTerminate {
  static final FigureKey LEAD_DAYS_CORN = FigureKey.of("termination", "lead_days_corn");
  static final FigureKey LIKELY = FigureKey.of("termination", "mat_likely");

  private final CoverStand stand;
  private final NextCrop next;
  private final boolean organic;
  private final HouseRules rules;
  private final Outlook outlook;
  private final MatForecast mat;
  private final List<StageForecast> alive;
  private final RollWindow rolling;
  private TerminationOutlook early;

  /** A stand that is to be ended, with what the ways share. */
  public StandToTerminate(MatForecast mat, NextCrop next, boolean organic, HouseRules rules) {
    this.stand = mat.stand();
    this.next = next;
    this.organic = organic;
    this.rules = rules;
    this.outlook = mat.outlook();
    this.mat = mat;
    this.alive = StageForecast.alive(stand, outlook);
    this.rolling = new RollWindow(alive, school(), outlook);
  }

  CoverStand stand() {
    return stand;
  }

  NextCrop next() {
    return next;
  }

  /** Whether herbicide is ruled out. */
  public boolean organic() {
    return organic;
  }

  /** When it is rolled before the crop that follows. */
  HouseRules.Rolling school() {
    return rules.rolling(next.kind().corn());
  }

  /** From ready stems to viable seed, worked out once for all ways that ask. */
  RollWindow rolling() {
    return rolling;
  }

  /** Sprayed while small, all over: what its strips are told of too. */
  TerminationOutlook earlySpray() {
    if (early == null) {
      early = new EarlySpray(this).outlook();
    }
    return early;
  }

  Outlook outlook() {
    return outlook;
  }

  Figures figures() {
    return outlook.figures();
  }

  MatForecast mat() {
    return mat;
  }

  /** Members that live on in spring, with their stages. */
  public List<StageForecast> alive() {
    return alive;
  }

  TerminationOutlook result(
      TerminationMethod termination,
      DateForecast opens,
      DateForecast closes,
      Optional<LocalDate> aim,
      List<MemberKill> kills,
      List<Reason> reasons,
      List<Reason> against) {
    Optional<Spread> weight = aim.map(mat::on);
    return new TerminationOutlook(
        termination,
        opens,
        closes,
        aim,
        weight,
        least(kills),
        List.copyOf(kills),
        List.copyOf(reasons),
        List.copyOf(against),
        Optional.empty(),
        Optional.empty());
  }

  /** A mix dies as its hardest member; where one has no figure, nothing is said of the whole. */
  static Optional<Double> least(List<MemberKill> kills) {
    return kills.isEmpty() || kills.stream().anyMatch(k -> k.kill().isEmpty())
        ? Optional.empty()
        : kills.stream().flatMap(k -> k.kill().stream()).min(Double::compare);
  }

  static Optional<Reason> noFigure(List<MemberKill> kills, String by) {
    List<String> unknown =
        kills.stream()
            .filter(k -> k.kill().isEmpty())
            .map(k -> k.species().toLowerCase(Locale.ROOT))
            .toList();
    return unknown.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Reason.of(
                "no figure for how surely {} kills {}: ask your adviser before you count on it",
                by,
                String.join(" and ", unknown)));
  }

  List<MemberKill> sprayKills(LocalDate day) {
    return each(stages -> sprayKill(stages, day));
  }

  /** What each member loses. */
  List<MemberKill> each(Function<StageForecast, Optional<Double>> kill) {
    return alive.stream().map(s -> new MemberKill(s.species().name(), kill.apply(s))).toList();
  }

  /** All members lose the same. */
  List<MemberKill> alike(double kill) {
    return each(s -> Optional.of(kill));
  }

  /** The stage that half of the furthest member's stems have reached; null: leafy. */
  CoverStage stageOf(LocalDate day) {
    CoverStage furthest = null;
    for (StageForecast stages : alive) {
      for (var reached : stages.sharesOn(day).entrySet()) {
        boolean further = furthest == null || reached.getKey().compareTo(furthest) > 0;
        furthest = reached.getValue() >= 0.5 && further ? reached.getKey() : furthest;
      }
    }
    return furthest;
  }

  /** What has to be said before stock goes on this cover. */
  List<Reason> feedCautions() {
    return figures().sheet("feed").rows().stream()
        .filter(row -> stand.mix().members().stream().anyMatch(m -> saidOf(row, m.species())))
        .map(row -> Reason.of(row.text("caution")))
        .toList();
  }

  private static boolean saidOf(Row row, Species species) {
    return (row.text("species").isBlank() || row.text("species").equals(species.id()))
        && (row.text("family").isBlank() || row.text("family").equals(species.family().code()));
  }

  static Optional<Double> sprayKill(StageForecast stages, LocalDate day) {
    return HerbicideKill.of(stages.species())
        .map(
            figures ->
                figures.kill(
                    figures
                        .until()
                        .map(stage -> stages.sharesOn(day).getOrDefault(stage, 0.0))
                        .orElse(0.0)));
  }

  /**
   * Early in the window for the roller, late in it for the early spray (more mulch, still small).
   */
  static Optional<LocalDate> aimed(DateForecast opens, DateForecast closes, boolean late) {
    Optional<LocalDate> from = opens.median();
    Optional<LocalDate> to = closes.median();
    if (from.isEmpty() || to.isEmpty()) {
      return late ? to : from;
    }
    return late && to.get().isAfter(from.get()) ? to : from;
  }

  /** Days for which it has to be dead before the crop is planted; 0 where nothing asks for any. */
  public int leadDays() {
    return next.kind().corn() && grassAlive() ? figures().whole(LEAD_DAYS_CORN) : 0;
  }

  boolean grassAlive() {
    return alive.stream().anyMatch(s -> s.species().family() == Family.GRASS);
  }

  static String stageWords(StageForecast stages, LocalDate day) {
    String words = "still leafy";
    for (var reached : stages.sharesOn(day).entrySet()) {
      words = reached.getValue() >= 0.5 ? "at " + reached.getKey().words() : words;
    }
    return words;
  }

  static String lower(StageForecast stages) {
    return stages.species().name().toLowerCase(Locale.ROOT);
  }
}
