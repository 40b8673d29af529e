package nimblefurrow.server.feed;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.Placement;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.Download;
import nimblefurrow.server.platform.IcsOut;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/**
 * A calendar as a calendar program reads it, by its private word alone. Events are whole days, the
 * same in every zone: a plan decides days and turns, no hours of the clock.
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
    Dispatch.Board board = dispatch.board(feed.farmId());
    Map<String, String> machines =
        board.machines().stream()
            .collect(Collectors.toMap(m -> m.id().toString(), MachineView::name));
    UnitSystem units = board.season().day().units();
    List<IcsOut.Days> all =
        board.placed().placed().stream()
            .filter(p -> belongs(feed, p))
            .map(
                p -> {
                  Job job = board.job(p.jobId());
                  return new IcsOut.Days(
                      job.id().cover() + "-" + job.id().operation().code(),
                      p.start(),
                      p.finish(),
                      "%s: %s".formatted(job.field(), job.words()),
                      "%s, %s. %s"
                          .formatted(
                              machines.get(p.machineId()),
                              units.say(job.area()),
                              p.why().in(units)));
                })
            .toList();
    return Download.of("work.ics", "text/calendar; charset=utf-8", IcsOut.calendar("work", all));
  }

  private static boolean belongs(Feeds.Feed feed, Placement placement) {
    if (feed.machineId() != null) {
      return placement.machineId().equals(feed.machineId().toString());
    }
    return feed.person() == null
        || placement.days().stream().anyMatch(d -> d.driver().equals(Optional.of(feed.person())));
  }
}
