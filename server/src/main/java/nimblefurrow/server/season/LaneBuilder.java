package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Act;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.RidgePoint;
import nimblefurrow.core.season.Standing;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.season.LaneView.Band;
import nimblefurrow.server.season.LaneView.Bracket;
import nimblefurrow.server.season.LaneView.Mark;
import nimblefurrow.server.season.LaneView.Ridge;
import nimblefurrow.server.season.LaneView.Stake;

/** Turns a field's seasons into what its lane shows. */
public final class LaneBuilder {
  private static final Set<CropStage> SHOWN =
      EnumSet.of(
          CropStage.V4,
          CropStage.V6,
          CropStage.SILKING,
          CropStage.HALF_MILK,
          CropStage.BLACK_LAYER,
          CropStage.HALF_LEAVES,
          CropStage.FIRST_YELLOW,
          CropStage.LEAF_DROP,
          CropStage.HEADING,
          CropStage.RIPE);
  private static final Set<CoverStage> COVER_SHOWN =
      EnumSet.of(
          CoverStage.JOINTING, CoverStage.BOOT, CoverStage.FLOWERING, CoverStage.VIABLE_SEED);

  private final UnitSystem units;
  private final LocalDate today;
  private final Figures figures;

  public LaneBuilder(UnitSystem units, LocalDate today, Figures figures) {
    this.figures = figures;
    this.units = units;
    this.today = today;
  }

  /**
   * @param drawn whether bands, ridges, brackets and stakes are made too
   */
  public LaneView lane(
      FieldSeasons f, List<Stake> planned, Optional<String> heldBackBy, boolean drawn) {
    FieldSeason now = f.now();
    CoverPlan plan = now.field().cover().orElse(null);
    List<Band> bands = new ArrayList<>();
    List<Ridge> ridges = new ArrayList<>();
    List<Bracket> brackets = new ArrayList<>();
    List<Stake> stakes = new ArrayList<>();
    if (drawn) {
      draw(f, bands, ridges, brackets);
      stakes.addAll(planned);
      f.entries().forEach(e -> stakes.add(stake(e)));
    }
    return new LaneView(
        f.field().id(),
        f.zone().orElse(null),
        f.field().name(),
        f.field().farmstead(),
        f.field().acres(),
        f.field().organic(),
        f.crop().crop().kind(),
        stands(f),
        covers(f),
        plan == null ? null : endWords(plan),
        f.broken().map(b -> troubled(b.says().in(units))).orElseGet(() -> answer(now, plan)),
        f.broken().isPresent(),
        heldBackBy.orElse(null),
        now.closes().orElse(null),
        now.verdict().map(v -> (int) Math.round(v.inTime().percent())).orElse(null),
        drawn,
        bands,
        ridges,
        brackets,
        stakes);
  }

  private void draw(FieldSeasons f, List<Band> bands, List<Ridge> ridges, List<Bracket> brackets) {
    for (FieldSeasons.Past past : f.earlier()) {
      band(past.crop(), past.season()).ifPresent(bands::add);
      ridge(past.season()).ifPresent(ridges::add);
    }
    for (FieldSeasons one : f.andAfter()) {
      band(one.crop(), one.now()).ifPresent(bands::add);
      ridge(one.now()).ifPresent(ridges::add);
      one.now().field().cover().ifPresent(c -> brackets.addAll(Brackets.of(one.now(), c, figures)));
    }
    FieldSeasons last = f.andAfter().get(f.andAfter().size() - 1);
    bands.add(nextBand(last.now().field().next(), last.next()));
  }

  /** The lane of a field that cannot be worked out: it says so, and nothing else. */
  LaneView trouble(Trouble trouble) {
    FieldView field = trouble.field();
    return new LaneView(
        field.id(),
        null,
        field.name(),
        field.farmstead(),
        field.acres(),
        field.organic(),
        CropKind.OTHER,
        null,
        null,
        null,
        troubled(trouble.says().in(units)),
        true,
        null,
        null,
        null,
        true,
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  private LaneView.Stands stands(FieldSeasons f) {
    Standing standing =
        Standing.of(f.andAfter().stream().map(FieldSeasons::now).toList(), today, figures);
    String crop = standing.crop().map(Words::crop).orElse("");
    String cover =
        standing
            .pounds()
            .map(p -> DryMatter.poundsPerAcre(p.middle()))
            .map(weight -> standing.cover().orElseThrow() + ", " + units.say(weight))
            .orElse("");
    String words =
        switch (standing.kind()) {
          case CROP -> cover.isEmpty() ? crop : crop + ", in it " + cover;
          case COVER -> cover;
          case DEAD_COVER -> "dead " + cover;
          case BARE -> "bare ground";
        };
    return new LaneView.Stands(standing.kind(), standing.crop().orElse(null), words);
  }

  private static String troubled(String says) {
    return "cannot be worked out: " + says;
  }

  /** The one line that says where the field stands. */
  private String answer(FieldSeason now, CoverPlan plan) {
    if (plan == null) {
      return "no cover chosen";
    }
    if (plan.ended() != null) {
      return "ended " + units.say(plan.ended());
    }
    if (plan.seeded() != null && plan.clearing() != null) {
      return plan.clearing().how() == Clearing.How.FORAGE_CUT
          ? "cut about " + units.say(plan.clearing().day())
          : "end by " + units.say(plan.clearing().day());
    }
    if (plan.seeded() != null) {
      TerminationOutlook termination = now.termination().orElseThrow();
      if (termination.impossible().isPresent()) {
        return "needs another end";
      }
      return termination
          .aim()
          .map(d -> termination.method().act() + " about " + units.say(d))
          .orElse("growing");
    }
    return now.verdict().orElseThrow().says().in(units);
  }

  /** The covers of the running season, in the order in which they come. */
  private static String covers(FieldSeasons f) {
    List<String> names =
        f.andAfter().stream()
            .flatMap(o -> o.now().field().cover().stream())
            .map(c -> c.mix().name())
            .toList();
    return names.isEmpty() ? null : String.join(", then ", names);
  }

  private static String endWords(CoverPlan plan) {
    return plan.clearing() == null ? plan.termination().words() : plan.clearing().how().words();
  }

  /** The crop's band; none for ground that a cut has freed. */
  private Optional<Band> band(Link link, FieldSeason season) {
    if (link.kind() != LinkKind.CROP) {
      return Optional.empty();
    }
    CropKind kind = link.crop().kind();
    DateForecast harvest = season.crop().when(CropStage.HARVEST);
    List<Mark> marks = new ArrayList<>();
    season
        .crop()
        .all()
        .forEach(
            (stage, when) -> {
              if (SHOWN.contains(stage)) {
                mark(stage.name(), Words.stage(stage, kind), when).ifPresent(marks::add);
              }
            });
    return Optional.of(
        new Band(
            kind,
            Words.crop(link),
            link.starts().isAfter(today),
            link.starts(),
            harvest.early().orElse(null),
            harvest.median().orElse(null),
            harvest.late().orElse(null),
            marks));
  }

  private Band nextBand(NextCrop next, String words) {
    return new Band(
        next.kind(),
        words + " next",
        next.planned().isAfter(today),
        next.planned(),
        null,
        null,
        null,
        List.of());
  }

  private static Optional<Mark> mark(String code, String words, DateForecast when) {
    return when.median()
        .map(
            middle ->
                new Mark(code, words, when.early().orElse(null), middle, when.late().orElse(null)));
  }

  private static Optional<Ridge> ridge(FieldSeason season) {
    List<RidgePoint> points = season.ridge();
    if (points.isEmpty()) {
      return Optional.empty();
    }
    LocalDate first = points.get(0).date();
    int[] days = new int[points.size()];
    int[] low = new int[points.size()];
    int[] middle = new int[points.size()];
    int[] high = new int[points.size()];
    int deadFrom = points.size();
    for (int i = 0; i < points.size(); i++) {
      RidgePoint point = points.get(i);
      days[i] = (int) (point.date().toEpochDay() - first.toEpochDay());
      low[i] = (int) Math.round(point.pounds().low());
      middle[i] = (int) Math.round(point.pounds().middle());
      high[i] = (int) Math.round(point.pounds().high());
      deadFrom = point.alive() ? deadFrom : Math.min(deadFrom, i);
    }
    List<Mark> marks = new ArrayList<>();
    for (Map.Entry<CoverStage, DateForecast> stage : season.stages().entrySet()) {
      if (COVER_SHOWN.contains(stage.getKey())) {
        mark(stage.getKey().name(), stage.getKey().words(), stage.getValue()).ifPresent(marks::add);
      }
    }
    boolean sown = season.field().cover().map(c -> c.seeded() != null).orElse(false);
    return Optional.of(
        new Ridge(
            season.field().cover().orElseThrow().mix().name(),
            sown,
            first,
            days,
            low,
            middle,
            high,
            deadFrom,
            marks));
  }

  private static Stake stake(Entry entry) {
    String kind = entry.fact() instanceof Act ? EntryKind.of(entry.fact()).name() : "SEEN";
    return new Stake(null, kind, entry.fact().brief(), entry.on(), null, true, false);
  }
}
