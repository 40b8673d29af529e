package nimblefurrow.server.feed;

import java.util.Optional;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.BoardCalendar;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.Download;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/**
 * A calendar as a calendar program reads it, by its private word alone: all work, a machine's, or
 * the days of one person.
 */
@RestController
class OpenFeedController {
  private final Feeds feeds;
  private final Dispatch dispatch;

  OpenFeedController(Feeds feeds, Dispatch dispatch) {
    this.feeds = feeds;
    this.dispatch = dispatch;
  }

  @GetMapping(path = "/feeds/{word}.ics", produces = "text/calendar")
  ResponseEntity<byte[]> calendar(@PathVariable String word) {
    Feeds.Feed feed = feeds.opened(word).orElseThrow(() -> new NotOnThisFarm("calendar"));
    Board board = dispatch.board(feed.farmId());
    return Download.of(
        "work.ics",
        "text/calendar; charset=utf-8",
        BoardCalendar.of(board, "work", (place, day) -> belongs(feed, place, day)));
  }

  private static boolean belongs(Feeds.Feed feed, Placement placement, DayWork day) {
    if (feed.machineId() != null) {
      return placement.machineId().equals(feed.machineId().toString());
    }
    return feed.person() == null || day.driver().equals(Optional.of(feed.person()));
  }
}
