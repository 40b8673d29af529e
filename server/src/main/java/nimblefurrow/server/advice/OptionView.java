package nimblefurrow.server.advice;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.advice.Option;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.server.chain.CoverDetails.MemberDetails;
import nimblefurrow.server.platform.web.Percent;

/** A mix that is advised, and what speaks for it. */
record OptionView(
    String name,
    List<MemberDetails> members,
    SeedingMethod way,
    String wayWords,
    LocalDate sowing,
    int score,
    int servedPercent,
    int chancePercent,
    double costPerAcre,
    List<String> reasons) {
  static OptionView of(Option o, UnitSystem units) {
    return new OptionView(
        o.mix().name(),
        o.mix().members().stream()
            .map(m -> new MemberDetails(m.species().id(), m.share(), null))
            .toList(),
        o.way(),
        o.way().words(),
        o.sowing(),
        (int) Math.round(o.score()),
        Percent.of(o.served()),
        Percent.of(o.chance()),
        o.costPerAcre().value(),
        o.reasons().stream().map(r -> r.in(units)).toList());
  }
}
