package nimblefurrow.server.advice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.advice.CoverOpenings;
import nimblefurrow.core.advice.CoverOpenings.Opening;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cover openings: what each crop of the coming rotation leaves for a cover. */
@RestController
@RequestMapping("/api/v1/openings")
class OpeningController {
  record OpeningView(
      CropKind crop,
      LocalDate planted,
      @Maybe LocalDate harvestEarly,
      @Maybe LocalDate harvest,
      @Maybe LocalDate harvestLate,
      int heatLow,
      int heatMiddle,
      int heatHigh,
      List<String> useful,
      List<String> possible,
      @Maybe LocalDate grainHarvest,
      int grainHeat,
      List<String> gained) {}

  private final Seasons seasons;
  private final Fields fields;
  private final Chains chains;
  private final Lores lores;
  private final CurrentFarm current;

  OpeningController(
      Seasons seasons, Fields fields, Chains chains, Lores lores, CurrentFarm current) {
    this.seasons = seasons;
    this.fields = fields;
    this.chains = chains;
    this.lores = lores;
    this.current = current;
  }

  @GetMapping("/{fieldId}")
  List<OpeningView> of(@PathVariable UUID fieldId) {
    fields.one(current.id(), fieldId);
    List<Link> chain = chains.of(current.id(), fieldId);
    if (chain.stream().noneMatch(link -> link.kind() == LinkKind.CROP)) {
      return List.of();
    }
    OneField field = seasons.one(current.id(), fieldId);
    Outlook outlook = field.day().outlook();
    CoverOpenings openings = new CoverOpenings(field.day().catalogue(), lores.of(field.day()));
    LocalDate running = field.running().crop().starts();
    List<OpeningView> views = new ArrayList<>();
    for (Link link : chain) {
      boolean seen =
          link.kind() == LinkKind.CROP
              && !link.starts().isBefore(running)
              && link.starts().plusDays(200).isBefore(outlook.last());
      if (seen) {
        var planting =
            link.starts().equals(running)
                ? field.running().now().field().crop()
                : link.crop().planting(link.starts(), null, List.of());
        views.add(view(link.starts(), openings.after(planting)));
      }
    }
    return views;
  }

  private static OpeningView view(LocalDate planted, CoverOpenings.Compared c) {
    Opening o = c.opening();
    return new OpeningView(
        o.crop(),
        planted,
        o.harvest().early().orElse(null),
        o.harvest().median().orElse(null),
        o.harvest().late().orElse(null),
        (int) Math.round(o.heatLow()),
        (int) Math.round(o.heatMiddle()),
        (int) Math.round(o.heatHigh()),
        names(o.useful()),
        names(o.possible()),
        c.smallGrain().harvest().median().orElse(null),
        (int) Math.round(c.smallGrain().heatMiddle()),
        names(c.gained()));
  }

  private static List<String> names(List<Species> species) {
    return species.stream().map(Species::name).toList();
  }
}
