package nimblefurrow.server.scout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.scouting.LookSheet;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.look.Look;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.scout.ScoutView.FeelView;
import nimblefurrow.server.scout.ScoutView.LookSheetView;
import nimblefurrow.server.scout.ScoutView.OfferView;
import nimblefurrow.server.scout.ScoutView.PestView;

/** What can be looked at in a field as it stands, and what each look asks for. */
final class LookOffers {
  private LookOffers() {}

  static List<OfferView> of(FieldSeason season, boolean stems, boolean endedBefore) {
    CoverPlan plan = season.field().cover().orElse(null);
    boolean ended = plan != null && plan.ended() != null;
    boolean stands = plan != null && plan.seeded() != null && !ended;
    List<Look.Kind> kinds = new ArrayList<>();
    if (stands && stems) {
      kinds.addAll(List.of(Look.Kind.STEMS, Look.Kind.WINTER));
    }
    if (stands) {
      kinds.addAll(List.of(Look.Kind.CLIP, Look.Kind.STAND, Look.Kind.HEIGHT, Look.Kind.COVER));
    } else if (!ended
        && LeavesLost.full(
                season.field().crop().kind(),
                season.mat().map(m -> m.outlook().figures()).orElseGet(Figures::shipped))
            .isPresent()) {
      kinds.add(Look.Kind.LIGHT);
    }
    if (endedBefore || ended && plan.termination() != TerminationMethod.WINTER_KILL) {
      kinds.add(Look.Kind.KILL);
    }
    kinds.addAll(
        List.of(
            Look.Kind.SOIL, Look.Kind.RUTS, Look.Kind.WEEDS, Look.Kind.PESTS, Look.Kind.NITROGEN));
    return kinds.stream().map(k -> new OfferView(k, k.words())).toList();
  }

  private static Look.Kind kind(LookSheet.Kind read) {
    return switch (read) {
      case HEIGHT -> Look.Kind.HEIGHT;
      case GROUND_COVER -> Look.Kind.COVER;
      case CANOPY_LIGHT -> Look.Kind.LIGHT;
      case RUTS -> Look.Kind.RUTS;
      case WEEDS -> Look.Kind.WEEDS;
      case KILL -> Look.Kind.KILL;
      case NITROGEN -> Look.Kind.NITROGEN;
    };
  }

  static List<LookSheetView> sheets(Figures figures) {
    return Arrays.stream(EntryKind.values())
        .filter(k -> k.read().isPresent())
        .map(k -> sheet(k, LookSheet.of(k.read().get(), figures)))
        .toList();
  }

  private static LookSheetView sheet(EntryKind entry, LookSheet s) {
    return new LookSheetView(
        kind(s.kind()),
        entry,
        s.words(),
        s.asks(),
        s.how(),
        s.unit(),
        s.low(),
        s.high(),
        s.least());
  }

  static List<PestView> pests(Figures figures) {
    return Arrays.stream(Pest.values())
        .map(
            p ->
                new PestView(
                    p,
                    p.words(figures),
                    p.finds(figures),
                    p.how(figures),
                    p.most(figures),
                    p.threshold(figures).orElse(null),
                    p.does(figures),
                    p.decides(figures)))
        .toList();
  }

  static List<FeelView> feels(Figures figures) {
    return Arrays.stream(SoilFeel.values())
        .map(f -> new FeelView(f, f.words(figures), f.says(figures)))
        .toList();
  }
}
