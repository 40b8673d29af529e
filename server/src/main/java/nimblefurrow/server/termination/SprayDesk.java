package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.land.FieldShape;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.spray.FallBurndown;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.core.termination.spray.SprayPlan;
import nimblefurrow.core.termination.spray.Spraying;
import nimblefurrow.core.termination.spray.TankLabels;
import nimblefurrow.server.land.Marks;
import nimblefurrow.server.product.SprayProducts;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.stereotype.Service;

/** Puts a field, its cover, the labels of a tank and what lies near together for a burndown. */
@Service
class SprayDesk {
  /**
   * A burndown that is asked for.
   *
   * @param zone null: the field
   * @param partner null: one product alone
   * @param on null: today
   * @param carrier gal/ac of spray, {@code tank} gal, {@code in} what it is carried
   */
  record Asked(
      UUID field,
      UUID zone,
      UUID product,
      UUID partner,
      LocalDate on,
      double carrier,
      double tank,
      Spraying.Carrier in) {}

  /**
   * A burndown worked out.
   *
   * @param left of the field, less what the label keeps from spray
   */
  record Burndown(
      FieldSeasons field,
      SprayPlan plan,
      Area left,
      Optional<FallBurndown> fall,
      UnitSystem units) {}

  private final SprayProducts products;
  private final Seasons seasons;
  private final Marks marks;

  SprayDesk(SprayProducts products, Seasons seasons, Marks marks) {
    this.products = products;
    this.seasons = seasons;
    this.marks = marks;
  }

  Burndown plan(UUID farm, Asked asked) {
    OneField one = seasons.one(farm, asked.field(), asked.zone());
    FieldSeasons field = one.running();
    FieldSeason now = field.now();
    MatForecast mat =
        now.mat()
            .filter(
                m ->
                    now.field()
                        .cover()
                        .filter(c -> c.seeded() != null && c.ended() == null)
                        .isPresent())
            .orElseThrow(() -> new OutOfRange("cover", "there is no living cover here to spray"));
    LocalDate day = asked.on() == null ? one.day().today() : asked.on();
    if (day.isBefore(one.day().today()) || day.isAfter(one.day().outlook().last())) {
      throw new OutOfRange(
          "date",
          "date is from %s to %s, got %s"
              .formatted(one.day().today(), one.day().outlook().last(), day));
    }
    Label label = products.one(farm, asked.product()).label();
    Optional<Label> second =
        Optional.ofNullable(asked.partner()).map(p -> products.one(farm, p).label());
    List<Marks.MarkView> near =
        marks.all(farm).stream().filter(m -> m.kind().keptFromSpray()).toList();
    Length buffer =
        new TankLabels(Stream.concat(Stream.of(label), second.stream()).toList()).buffer();
    Area left =
        buffer.feet() <= 0
            ? now.field().facts().area()
            : FieldShape.away(
                field.field().outline(),
                near.stream().map(Marks.MarkView::geometry).toList(),
                buffer);
    if (left.acres() <= 0) {
      throw new OutOfRange("buffer", "the buffer leaves nothing of this field to spray");
    }
    SprayPlan plan =
        SprayPlan.of(
            mat,
            day,
            now.field().next(),
            field.field().organic(),
            label,
            second,
            new Spraying(asked.in(), asked.carrier(), asked.tank(), left.acres()));
    return new Burndown(field, plan, left, FallBurndown.of(mat), one.day().units());
  }
}
