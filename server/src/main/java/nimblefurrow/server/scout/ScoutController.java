package nimblefurrow.server.scout;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Dated;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.scouting.StemTest;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.look.GroundLooks;
import nimblefurrow.core.season.look.Look;
import nimblefurrow.core.season.look.Looks;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.scout.ScoutView.CountBase;
import nimblefurrow.server.scout.ScoutView.LookView;
import nimblefurrow.server.scout.ScoutView.MarksView;
import nimblefurrow.server.scout.ScoutView.ScoutField;
import nimblefurrow.server.scout.ScoutView.ScoutMember;
import nimblefurrow.server.scout.ScoutView.ScoutZone;
import nimblefurrow.server.scout.ScoutView.StemTestView;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import org.locationtech.jts.geom.Point;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Today's list for whoever goes out to the fields. */
@RestController
@RequestMapping("/api/v1/scout")
class ScoutController {
  private static final FigureKey STEMS_OF_SPOT = FigureKey.of("scouting", "stems_of_spot");

  /** Days of the small forecast that the phone takes along. */
  private static final int AHEAD_DAYS = 46;

  private final Seasons seasons;
  private final CurrentFarm current;

  ScoutController(Seasons seasons, CurrentFarm current) {
    this.seasons = seasons;
    this.current = current;
  }

  @GetMapping
  ScoutView list() {
    FarmSeason farm = seasons.needed(current.id());
    Figures figures = farm.day().figures();
    List<LookView> looks =
        farm.fields().stream()
            .flatMap(f -> looks(farm, f).map(look -> look(farm, f, look)))
            .sorted(Comparator.comparingInt(LookView::worth).reversed())
            .toList();
    StemTest test = StemCount.test(figures);
    return new ScoutView(
        farm.day().today(),
        looks,
        farm.fields().stream().map(f -> field(farm, f)).toList(),
        new StemTestView(
            test.ready(),
            test.notReady(),
            test.wrong(),
            test.likeness(),
            test.leastSpots(),
            test.mostStems(),
            figures.whole(STEMS_OF_SPOT),
            figures.of(StageForecast.STEM_SPREAD),
            figures.of(StemCount.OBSERVER),
            figures.of(Quadrats.WIDE),
            figures.of(Quadrats.MOISTURE)),
        LookOffers.sheets(figures),
        LookOffers.pests(figures),
        LookOffers.feels(figures));
  }

  private static Stream<Look> looks(FarmSeason farm, FieldSeasons f) {
    FarmDay day = farm.day();
    return Stream.concat(
        Looks.of(f.now()).stream(),
        Stream.concat(
            GroundLooks.of(f.now(), lastRated(f), day.outlook(), day.weather().fit()).stream(),
            endedBefore(farm, f)
                .flatMap(
                    past ->
                        GroundLooks.of(
                            past.now(), lastRated(past), day.outlook(), day.weather().fit())
                            .stream())
                .filter(look -> look.kind() == Look.Kind.KILL)));
  }

  /** The field with the cover of the season before, while its kill is rated. */
  private static Stream<FieldSeasons> endedBefore(FarmSeason farm, FieldSeasons f) {
    FieldSeasons past = f.lastEnded(farm.day().today(), farm.day().figures());
    return past == f ? Stream.empty() : Stream.of(past);
  }

  private static Optional<LocalDate> lastRated(FieldSeasons f) {
    return f.storyOfCover().last(KillRated.class).map(Dated::day);
  }

  private static LookView look(FarmSeason farm, FieldSeasons f, Look look) {
    return new LookView(
        f.field().id(),
        f.zone().orElse(null),
        f.field().name(),
        look.kind(),
        look.kind().words(),
        look.species().map(s -> s.id()).orElse(null),
        look.says().in(farm.day().units()),
        Percent.of(look.worth()));
  }

  private static ScoutField field(FarmSeason farm, FieldSeasons f) {
    Point inside = f.field().outline().inside();
    Optional<CoverPlan> cover = f.now().field().cover();
    UUID zone = f.zone().orElse(null);
    boolean stands = cover.filter(c -> c.seeded() != null && c.ended() == null).isPresent();
    List<ScoutMember> members = stands ? members(farm, f, cover.get()) : List.of();
    return new ScoutField(
        f.field().id(),
        zone,
        f.field().name(),
        f.field().acres(),
        f.field().farmstead(),
        inside.getX(),
        inside.getY(),
        cover.map(c -> c.mix().name()).orElse(null),
        cover.map(CoverPlan::seeded).orElse(null),
        endedBefore(farm, f)
            .flatMap(past -> past.now().field().cover().stream())
            .findFirst()
            .or(() -> cover)
            .map(CoverPlan::ended)
            .orElse(null),
        LookOffers.of(
            f.now(),
            members.stream().anyMatch(m -> m.count() != null),
            endedBefore(farm, f).findFirst().isPresent()),
        LeavesLost.full(f.now().field().crop().kind(), farm.day().figures()).orElse(null),
        members,
        zone == null
            ? f.field().zones().stream().map(z -> new ScoutZone(z.id(), z.name())).toList()
            : List.of());
  }

  private static List<ScoutMember> members(FarmSeason farm, FieldSeasons f, CoverPlan cover) {
    return cover.mix().members().stream()
        .map(Mix.Member::species)
        .map(
            s ->
                new ScoutMember(
                    s.id(),
                    s.name(),
                    s.smallGrain(),
                    f.now()
                        .stand()
                        .flatMap(stand -> count(s, stand, farm.day().outlook()))
                        .orElse(null),
                    StandCount.marks(s, false).map(ScoutController::marks).orElse(null),
                    s.smallGrain()
                        ? StandCount.marks(s, true).map(ScoutController::marks).orElse(null)
                        : null))
        .toList();
  }

  private static MarksView marks(StandCount.Marks marks) {
    return new MarksView(marks.good(), marks.fair(), marks.stems());
  }

  private static Optional<CountBase> count(Species species, CoverStand stand, Outlook outlook) {
    StageForecast stages = new StageForecast(species, stand, outlook);
    LocalDate today = outlook.today();
    if (today.isBefore(stages.start())) {
      return Optional.empty();
    }
    return stages
        .mean(CoverStage.FLOWERING)
        .map(
            mean ->
                new CountBase(
                    mean,
                    stages.belief().sdOf(mean, outlook.figures()),
                    stages.middleHeatOn(today),
                    stages
                        .heatAt(
                            CoverStage.FLOWERING,
                            Share.of(StemCount.test(outlook.figures()).ready()))
                        .map(goal -> (int) Math.round(stages.chanceReached(goal, today).percent()))
                        .orElse(0),
                    today
                        .plusDays(1)
                        .datesUntil(today.plusDays(AHEAD_DAYS))
                        .map(stages::middleHeatOn)
                        .toList()));
  }
}
