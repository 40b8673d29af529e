package nimblefurrow.core.season;

import java.util.Optional;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.termination.NextCrop;

/** All that is known of one field's season: its land, its crop, its cover, the crop after. */
public record FieldCase(
    FieldFacts facts, CropPlanting crop, Optional<CoverPlan> cover, NextCrop next) {
  public FieldCase {
    Limits.given("field", facts);
    Limits.given("crop", crop);
    Limits.given("next crop", next);
  }

  /** The same field with another cover. */
  public FieldCase with(CoverPlan plan) {
    return new FieldCase(facts, crop, Optional.of(plan), next);
  }
}
