package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.platform.codes.Codes;

/**
 * A cover as its row keeps it, constants by their codes.
 *
 * @param v how it is written down: 1; null in rows from before there was a number, which are the
 *     same
 */
record StoredCover(
    Integer v,
    String goal,
    String route,
    String way,
    List<StoredMember> members,
    LocalDate planned,
    Integer discPasses,
    Boolean slurryOver,
    Boolean thickSlurry) {
  static StoredCover of(CoverDetails c) {
    return new StoredCover(
        1,
        Codes.kept(c.goal()),
        Codes.kept(c.termination()),
        Codes.kept(c.way()),
        c.members().stream().map(StoredMember::of).toList(),
        c.planned(),
        c.discPasses(),
        c.slurryOver(),
        c.thickSlurry());
  }

  CoverDetails details() {
    return new CoverDetails(
        Codes.read(Goal.class, goal),
        Codes.read(TerminationMethod.class, route),
        Codes.read(SeedingMethod.class, way),
        members.stream().map(StoredMember::details).toList(),
        planned,
        discPasses,
        slurryOver,
        thickSlurry);
  }
}
