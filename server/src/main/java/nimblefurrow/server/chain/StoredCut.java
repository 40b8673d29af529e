package nimblefurrow.server.chain;

import nimblefurrow.core.season.Clearing;
import nimblefurrow.server.platform.codes.Codes;

/**
 * A cut as its row keeps it.
 *
 * @param v how it is written down: 1; null in rows from before there was a number, which are the
 *     same
 */
record StoredCut(Integer v, String how) {
  static StoredCut of(CutDetails c) {
    return new StoredCut(1, Codes.kept(c.how()));
  }

  CutDetails details() {
    return new CutDetails(Codes.read(Clearing.How.class, how));
  }
}
