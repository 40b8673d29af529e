package nimblefurrow.server.chain;

import nimblefurrow.server.platform.codes.Codes;

/** A member of a mix as rows keep it. */
public record StoredMember(String species, double share, Double typedRate, String typedUnit) {
  /** A member to be kept. */
  public static StoredMember of(CoverDetails.MemberDetails m) {
    return new StoredMember(m.species(), m.share(), m.typedRate(), Codes.kept(m.typedUnit()));
  }

  /** The member that was kept. */
  public CoverDetails.MemberDetails details() {
    return new CoverDetails.MemberDetails(
        species, share, typedRate, Codes.read(RateUnit.class, typedUnit));
  }
}
