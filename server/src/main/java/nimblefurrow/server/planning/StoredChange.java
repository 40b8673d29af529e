package nimblefurrow.server.planning;

import nimblefurrow.core.board.Overnight.Change;
import nimblefurrow.core.board.Overnight.What;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.codes.Stored;

/** What a night changed for a job, as its row keeps it. */
record StoredChange(String what, StoredStanding then, StoredStanding now) implements Stored {
  static StoredChange of(Change change) {
    return new StoredChange(
        Codes.kept(change.what()),
        StoredStanding.of(change.then()),
        StoredStanding.of(change.now()));
  }

  Change change() {
    return new Change(Codes.read(What.class, what), then.standing(), now.standing());
  }
}
