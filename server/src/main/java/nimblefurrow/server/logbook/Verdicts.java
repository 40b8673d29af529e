package nimblefurrow.server.logbook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Clipped;
import nimblefurrow.core.journal.CropStageSeen;
import nimblefurrow.core.journal.CutForForage;
import nimblefurrow.core.journal.Disced;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.FactReader;
import nimblefurrow.core.journal.GroundCoverRead;
import nimblefurrow.core.journal.Harvested;
import nimblefurrow.core.journal.HeightRead;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.journal.LightRead;
import nimblefurrow.core.journal.NitrogenNoted;
import nimblefurrow.core.journal.PestsCounted;
import nimblefurrow.core.journal.RutsRead;
import nimblefurrow.core.journal.SlurrySpread;
import nimblefurrow.core.journal.SoilFelt;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.journal.StandCounted;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.Terminated;
import nimblefurrow.core.journal.Unclear;
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.journal.Wintered;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.KillRating;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.SampleMean;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.call.Reseed;
import nimblefurrow.core.season.call.ThinStand;
import nimblefurrow.core.termination.method.ExpectedKill;

/** What is said at once of something that was written down. */
final class Verdicts implements FactReader<Optional<String>> {
  private static final FigureKey WANTED = FigureKey.of("scouting", "kill_wanted");
  private static final double PERCENT = 100;

  private final LocalDate on;
  private final FieldSeason season;
  private final UnitSystem units;
  private final Figures figures;

  private Verdicts(LocalDate on, FieldSeason season, UnitSystem units, Figures figures) {
    this.on = on;
    this.season = season;
    this.units = units;
    this.figures = figures;
  }

  /**
   * What is said.
   *
   * @param season of the field, with the entry
   */
  static Optional<String> of(Entry entry, FieldSeason season, UnitSystem units, Figures figures) {
    return entry.fact().to(new Verdicts(entry.on(), season, units, figures));
  }

  @Override
  public Optional<String> stemsCounted(StemsCounted fact) {
    return Optional.of(
        switch (fact.count().verdict(figures)) {
          case READY -> "Ready: %s or more are past flowering.".formatted(percent(StemCount.READY));
          case WAIT -> "Wait: not enough are past flowering yet.";
          case COUNT_ON -> "Undecided: count more spots.";
        });
  }

  @Override
  public Optional<String> clipped(Clipped fact) {
    Quadrats frames = fact.frames();
    return Optional.of(
        frames.clipMore(figures)
            ? "Clip more frames: the interval is wider than ± %s, or cannot be told."
                .formatted(percent(Quadrats.WIDE))
            : "Enough frames: the 90 %% interval is within ± %s."
                .formatted(units.say(DryMatter.poundsPerAcre(frames.halfWidth().orElseThrow()))));
  }

  @Override
  public Optional<String> standCounted(StandCounted fact) {
    Species species = Catalogue.of(figures).species(fact.species().orElseThrow());
    StandCount count = fact.count();
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
    return Optional.of(
        verdict == StandCount.Verdict.FAIR || verdict == StandCount.Verdict.POOR
            ? stand
                + ThinStand.says(season, species, count).map(r -> " " + r.in(units)).orElse("")
                + Reseed.of(season).map(r -> " " + r.says().in(units)).orElse("")
            : stand);
  }

  @Override
  public Optional<String> lightRead(LightRead fact) {
    return LeavesLost.full(season.field().crop().kind(), figures)
        .map(full -> Math.round(PERCENT * fact.canopy(full).leavesLost()))
        .map("About %d %% of the leaves are lost."::formatted);
  }

  @Override
  public Optional<String> soilFelt(SoilFelt fact) {
    return Optional.of(fact.feel().says(figures));
  }

  @Override
  public Optional<String> rutsRead(RutsRead fact) {
    return Optional.of(
        fact.depth().hinders(figures)
            ? "A roller rides over what stands in them: the kill is reckoned lower, and the planter slower."
            : "Shallow: a roller reaches what stands in them.");
  }

  @Override
  public Optional<String> weedsScored(WeedsScored fact) {
    return Optional.of(capital(fact.load(figures).words()) + ".");
  }

  @Override
  public Optional<String> pestsCounted(PestsCounted fact) {
    Pest pest = fact.pest();
    String counted = capital(pest.words(figures)) + " " + number(fact.mean().mean()) + " by spot";
    return Optional.of(
        pest.threshold(figures)
            .map(
                limit ->
                    pest.over(fact.mean(), figures)
                        ? "%s, %s or more are too many. %s Who decides: %s."
                            .formatted(
                                counted, number(limit), pest.does(figures), pest.decides(figures))
                        : "%s, fewer than %s: look again in three days."
                            .formatted(counted, number(limit)))
            .orElse(counted + "."));
  }

  @Override
  public Optional<String> killRated(KillRated fact) {
    LocalDate ended = season.field().cover().map(c -> c.ended()).orElse(null);
    if (ended == null) {
      return Optional.empty();
    }
    SampleMean spots = fact.mean();
    int days = (int) ChronoUnit.DAYS.between(ended, on);
    double expected =
        season
            .mat()
            .flatMap(
                mat ->
                    ExpectedKill.day(
                        mat, season.field().cover().orElseThrow().termination(), ended))
            .orElseGet(() -> figures.of(WANTED));
    KillRating rating = new KillRating(days, fact.dead(), spots.halfWidth() / PERCENT);
    String seen = "%d %% dead after %d days".formatted(Math.round(spots.mean()), days);
    boolean organic = season.field().facts().organic();
    return Optional.of(
        switch (rating.verdict(expected, figures)) {
          case DONE -> seen + ": enough is dead.";
          case ON_WAY -> seen + ": as it should be by now. Look again after a week.";
          case BEHIND ->
              seen
                  + ", less than the %d %% that should show by now: look again in four days and keep a rescue at hand."
                      .formatted(Math.round(PERCENT * expected * KillRating.shows(days, figures)));
          case RESCUE ->
              seen
                  + (organic
                      ? ": too much lives. Roll a second time, or cultivate between wide rows; organic ground takes no herbicide."
                      : ": too much lives. Roll a second time, or spray over the crop where the label allows it.");
        });
  }

  @Override
  public Optional<String> wintered(Wintered fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> heightRead(HeightRead fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> groundCoverRead(GroundCoverRead fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> nitrogenNoted(NitrogenNoted fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> cropStageSeen(CropStageSeen fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> unclear(Unclear fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> disced(Disced fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> sown(Sown fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> slurrySpread(SlurrySpread fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> cutForForage(CutForForage fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> terminated(Terminated fact) {
    return Optional.empty();
  }

  @Override
  public Optional<String> harvested(Harvested fact) {
    return Optional.empty();
  }

  private static Measure plants(double perSquareFoot) {
    return Measure.of(Math.round(10 * perSquareFoot) / 10.0, Unit.PLANT_PER_SQUARE_FOOT);
  }

  private String percent(FigureKey share) {
    return Math.round(PERCENT * figures.of(share)) + " %";
  }

  private static String number(double value) {
    double one = Math.round(10 * value) / 10.0;
    return one == Math.rint(one) ? String.valueOf((long) one) : String.valueOf(one);
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
