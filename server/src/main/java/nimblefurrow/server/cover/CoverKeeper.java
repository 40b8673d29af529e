package nimblefurrow.server.cover;

import java.util.UUID;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import org.springframework.stereotype.Component;

/** Writes a cover into a field's chain, unless what was sown there stands against it. */
@Component
public class CoverKeeper {
  private final Chains chains;

  CoverKeeper(Chains chains) {
    this.chains = chains;
  }

  /**
   * @param zone the one zone that it is for; null for the field
   * @param version of the cover that it takes the place of, as it was read; null for none
   * @throws Conflict when the cover was changed meanwhile, or another one is sown; nothing is
   *     written then
   */
  public void write(
      UUID farm, FarmDay day, FieldSeasons field, UUID zone, CoverDetails cover, Integer version) {
    field.kept().ifPresent(link -> Conflict.refuseStale(link.version(), version));
    boolean sown = field.now().field().cover().filter(c -> c.seeded() != null).isPresent();
    if (sown
        && !field
            .cover()
            .orElseThrow()
            .cover()
            .mix(day.catalogue())
            .equals(cover.mix(day.catalogue()))) {
      throw new Conflict(
          "this cover is sown: what was sown stands in the logbook; its end can still be changed");
    }
    if (field.kept().isPresent()) {
      Link link = field.kept().get();
      chains.changeCover(farm, link.id(), cover, link.version());
    } else {
      chains.addCover(farm, field.field().id(), field.crop().id(), zone, cover);
    }
  }
}
