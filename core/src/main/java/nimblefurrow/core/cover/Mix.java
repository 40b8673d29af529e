package nimblefurrow.core.cover;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * What is sown together: each member with its share of its own full rate (1 = a full single-species
 * rate). Shares need not add up to 1 and are never changed behind the sower's back.
 */
public record Mix(List<Member> members) {
  /**
   * One species of a mix.
   *
   * @param share of its own full rate, 0.01–1.5; not of the mix
   */
  public record Member(Species species, double share) {
    public Member {
      Limits.given("species", species);
      Limits.positive("share of a full rate of " + species.name(), share, 3, Unit.NONE);
    }
  }

  public Mix {
    members = List.copyOf(members);
    if (members.isEmpty()) {
      throw new OutOfRange("species", "a cover has at least one species, got none");
    }
    Set<String> seen = new HashSet<>();
    for (Member member : members) {
      if (!seen.add(member.species().id())) {
        throw new OutOfRange("species", member.species().name() + " is in the mix twice");
      }
    }
  }

  /** One species at its full rate. */
  public static Mix of(Species species) {
    return new Mix(List.of(new Member(species, 1)));
  }

  /** The same with one more species, at a share of its full rate. */
  public Mix and(Species species, double share) {
    List<Member> all = new ArrayList<>(members);
    all.add(new Member(species, share));
    return new Mix(all);
  }

  /** All shares together; 0.7 to 1.3 is usual, and nothing is changed to make it so. */
  public double totalShare() {
    return members.stream().mapToDouble(Member::share).sum();
  }

  /** Members that live on in spring. */
  public List<Species> winterHardy() {
    return members.stream().map(Member::species).filter(Species::winterHardy).toList();
  }

  /** The mix's name as it is spoken: its members joined by "+". */
  public String name() {
    return String.join(" + ", members.stream().map(m -> m.species().name().toLowerCase()).toList());
  }
}
