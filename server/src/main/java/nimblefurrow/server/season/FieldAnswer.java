package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.Headline;
import nimblefurrow.core.season.SheetSpan;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.Answers.DateRange;
import nimblefurrow.server.season.Answers.MatRange;
import nimblefurrow.server.season.Answers.StageAnswer;
import nimblefurrow.server.season.Answers.TerminationAnswer;
import nimblefurrow.server.season.Answers.WindowAnswer;

/**
 * A field's answer, opened beneath its lane.
 *
 * @param headline the answer in a sentence, part by part
 * @param openFrom first of the days with which its own drawing opens
 */
record FieldAnswer(
    UUID fieldId,
    String field,
    List<String> headline,
    LocalDate openFrom,
    LocalDate openTo,
    String crop,
    String next,
    LocalDate nextPlanned,
    List<CropStageAnswer> cropStages,
    int frostBeforeMaturity,
    @Maybe String heldBackBy,
    @Maybe String trouble,
    @Maybe String cover,
    @Maybe LocalDate seeded,
    @Maybe LocalDate ended,
    @Maybe String makesRoom,
    @Maybe MatRange matToday,
    @Maybe WindowAnswer window,
    List<StageAnswer> stages,
    @Maybe TerminationAnswer termination,
    List<AfterAnswer> after) {

  /** A cover that follows after a cut. */
  record AfterAnswer(String ground, @Maybe String cover, WindowAnswer window) {}

  record CropStageAnswer(String code, String words, DateRange when) {}

  /** The answer of a field on its farm's day. */
  static FieldAnswer of(UUID fieldId, OneField one) {
    FarmDay farm = one.day();
    FieldSeasons f = one.running();
    UnitSystem units = farm.units();
    var now = f.now();
    Optional<MatForecast> mat = now.mat();
    var cover = now.field().cover();
    boolean growing = cover.filter(c -> c.seeded() != null && c.ended() == null).isPresent();
    SheetSpan span = SheetFrame.drawn(farm, f);
    return new FieldAnswer(
        fieldId,
        f.field().name(),
        Headline.of(now, farm.outlook(), Optional.empty()).stream()
            .map(part -> part.in(units))
            .toList(),
        span.from(),
        span.to(),
        Words.ground(f.crop()),
        f.next(),
        now.field().next().planned(),
        now.crop().all().entrySet().stream()
            .map(
                e ->
                    new CropStageAnswer(
                        e.getKey().name(),
                        Words.stage(e.getKey(), f.crop().crop().kind()),
                        DateRange.of(e.getValue())))
            .toList(),
        (int) Math.round(now.crop().frostBeforeMaturity().percent()),
        heldBack(farm, f).orElse(null),
        f.broken().map(b -> b.says().in(units)).orElse(null),
        cover.map(c -> c.mix().name()).orElse(null),
        cover.map(c -> c.seeded()).orElse(null),
        cover.map(c -> c.ended()).orElse(null),
        f.makesRoom(units).orElse(null),
        growing ? mat.map(m -> MatRange.of(m.on(farm.today()))).orElse(null) : null,
        now.window().map(w -> WindowAnswer.of(w, units, farm.today(), farm.figures())).orElse(null),
        mat.map(m -> Answers.stages(now, m::on)).orElse(List.of()),
        now.termination()
            .map(r -> TerminationAnswer.of(r, true, units, farm.figures()))
            .orElse(null),
        f.after().stream()
            .flatMap(o -> o.now().window().map(w -> after(o, w, farm)).stream())
            .toList());
  }

  private static Optional<String> heldBack(FarmDay farm, FieldSeasons field) {
    return field
        .heldBackBy()
        .or(
            () ->
                FarmSeason.jobs(farm, field).stream()
                    .flatMap(job -> FarmSeason.heldBack(farm, field, job).stream())
                    .findFirst());
  }

  private static AfterAnswer after(FieldSeasons one, SeedingWindow window, FarmDay farm) {
    return new AfterAnswer(
        Words.ground(one.crop()).toLowerCase(Locale.ROOT),
        one.now().field().cover().map(c -> c.mix().name()).orElse(null),
        WindowAnswer.of(window, farm.units(), farm.today(), farm.figures()));
  }
}
