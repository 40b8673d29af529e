package nimblefurrow.server.logbook;

import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.CanopyLight;
import nimblefurrow.core.scouting.KillRating;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.scouting.LookSheet;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.RutDepth;
import nimblefurrow.core.scouting.SampleMean;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.Reseed;
import nimblefurrow.core.season.ThinStand;
import nimblefurrow.core.termination.route.KillOn;
import nimblefurrow.server.journal.Journal.Entry;
import nimblefurrow.server.journal.Look;

/** What is said of something seen: in the list, and at once when it is written down. */
final class LookWords {
  private static final FigureKey WANTED = FigureKey.of("scouting", "kill_wanted");

  private LookWords() {}

  /** What an entry in the list says was read. */
  static String read(Entry entry, Figures figures, UnitSystem units) {
    LookSheet sheet = LookSheet.of(entry.kind().read().orElseThrow(), figures);
    SampleMean spots = mean(entry.details().look());
    return "%s %s"
        .formatted(
            sheet.words().toLowerCase(Locale.ROOT),
            units.say(Measure.of(rounded(spots.mean()), sheet.unit())));
  }

  static String pests(Look look, Figures figures) {
    return "%s %s by spot".formatted(look.pest().words(figures), number(mean(look).mean()));
  }

  static SampleMean mean(Look look) {
    return new SampleMean(look.readings().stream().mapToDouble(Double::doubleValue).toArray());
  }

  /** What is said at once; null where nothing is. */
  static String verdict(
      Logbook.EntryForm form, FieldSeason season, UnitSystem units, Figures figures) {
    return switch (form.kind()) {
      case STEM_COUNT -> stems(form, figures);
      case STAND_COUNT -> stand(form, season, units, figures);
      case BIOMASS -> frames(form, units, figures);
      case SOIL_FEEL -> form.look().feel().says(figures);
      case PESTS -> pestWords(form.look(), figures);
      case WEEDS -> capital(WeedLoad.of(mean(form.look()).mean(), figures).words()) + ".";
      case RUTS ->
          new RutDepth(mean(form.look())).hinders(figures)
              ? "A roller rides over what stands in them: the kill is reckoned lower, and the planter slower."
              : "Shallow: a roller reaches what stands in them.";
      case CANOPY_LIGHT -> light(form, season, figures);
      case KILL_RATING -> kill(form, season, figures);
      default -> null;
    };
  }

  private static String stems(Logbook.EntryForm form, Figures figures) {
    return switch (EntryRules.count(form).verdict(figures)) {
      case READY ->
          "Ready: %s or more are past flowering.".formatted(percent(figures, StemCount.READY));
      case WAIT -> "Wait: not enough are past flowering yet.";
      case COUNT_ON -> "Undecided: count more spots.";
    };
  }

  private static String frames(Logbook.EntryForm form, UnitSystem units, Figures figures) {
    Quadrats frames = EntryRules.frames(form);
    return frames.clipMore(figures)
        ? "Clip more frames: the interval is wider than ± %s, or cannot be told."
            .formatted(percent(figures, Quadrats.WIDE))
        : "Enough frames: the 90 %% interval is within ± %s."
            .formatted(units.say(DryMatter.poundsPerAcre(frames.halfWidth().orElseThrow())));
  }

  private static String pestWords(Look look, Figures figures) {
    Pest pest = look.pest();
    String counted = capital(pest.words(figures)) + " " + number(mean(look).mean()) + " by spot";
    if (pest.threshold(figures).isEmpty()) {
      return counted + ".";
    }
    String limit = number(pest.threshold(figures).get());
    return pest.over(mean(look), figures)
        ? "%s, %s or more are too many. %s Who decides: %s."
            .formatted(counted, limit, pest.does(figures), pest.decides(figures))
        : "%s, fewer than %s: look again in three days.".formatted(counted, limit);
  }

  private static String light(Logbook.EntryForm form, FieldSeason season, Figures figures) {
    Optional<Double> full = LeavesLost.full(season.field().crop().kind(), figures);
    if (full.isEmpty()) {
      return null;
    }
    double lost = lost(form.look(), full.get());
    return "About %d %% of the leaves are lost.".formatted(Math.round(100 * lost));
  }

  /** Share of the leaves lost by readings in percent. */
  static double lost(Look look, double full) {
    return new CanopyLight(
            look.readings().stream().mapToDouble(percent -> percent / 100).toArray(), full)
        .leavesLost();
  }

  private static String kill(Logbook.EntryForm form, FieldSeason season, Figures figures) {
    SampleMean spots = mean(form.look());
    var ended = season.field().cover().map(c -> c.ended()).orElse(null);
    if (ended == null) {
      return null;
    }
    int days = (int) ChronoUnit.DAYS.between(ended, form.on());
    double expected =
        season
            .mat()
            .flatMap(mat -> KillOn.day(mat, season.field().cover().orElseThrow().route(), ended))
            .orElseGet(() -> figures.of(WANTED));
    KillRating rating = new KillRating(days, spots.mean() / 100, spots.halfWidth() / 100);
    String seen = "%d %% dead after %d days".formatted(Math.round(spots.mean()), days);
    boolean organic = season.field().facts().organic();
    return switch (rating.verdict(expected, figures)) {
      case DONE -> seen + ": enough is dead.";
      case ON_WAY -> seen + ": as it should be by now. Look again after a week.";
      case BEHIND ->
          seen
              + ", less than the %d %% that should show by now: look again in four days and keep a rescue at hand."
                  .formatted(Math.round(100 * expected * KillRating.shows(days, figures)));
      case RESCUE ->
          seen
              + (organic
                  ? ": too much lives. Roll a second time, or cultivate between wide rows; organic ground takes no herbicide."
                  : ": too much lives. Roll a second time, or spray over the crop where the label allows it.");
    };
  }

  private static String stand(
      Logbook.EntryForm form, FieldSeason season, UnitSystem units, Figures figures) {
    Species species = Catalogue.of(figures).species(form.species());
    StandCount count = EntryRules.stand(form);
    StandCount.Verdict verdict = count.verdict(species);
    String words =
        switch (verdict) {
          case GOOD -> "Good: ";
          case FAIR -> "Fair: ";
          case POOR -> "Poor: ";
          case UNKNOWN -> "";
        };
    String stand =
        words
            + units.say(plants(count.perSquareFoot()))
            + count.halfWidth().map(h -> " ± " + units.say(plants(h))).orElse("")
            + ".";
    return verdict == StandCount.Verdict.FAIR || verdict == StandCount.Verdict.POOR
        ? stand
            + ThinStand.says(season, species, count).map(r -> " " + r.in(units)).orElse("")
            + Reseed.of(season).map(r -> " " + r.says().in(units)).orElse("")
        : stand;
  }

  private static Measure plants(double perSquareFoot) {
    return Measure.of(Math.round(10 * perSquareFoot) / 10.0, Unit.PLANT_PER_SQUARE_FOOT);
  }

  private static String percent(Figures figures, FigureKey share) {
    return Math.round(100 * figures.of(share)) + " %";
  }

  private static double rounded(double value) {
    return Math.round(10 * value) / 10.0;
  }

  private static String number(double value) {
    double one = rounded(value);
    return one == Math.rint(one) ? String.valueOf((long) one) : String.valueOf(one);
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
