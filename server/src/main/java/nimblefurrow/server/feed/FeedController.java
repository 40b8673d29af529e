package nimblefurrow.server.feed;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The calendars of a farm: made, listed, taken back. */
@RestController
@RequestMapping("/api/v1/feeds")
class FeedController {
  /** Whose calendar; neither machine nor person: all of the farm's work. */
  record FeedForm(@Maybe UUID machineId, @Maybe @Size(max = 60) String person) {}

  private final Feeds feeds;
  private final CurrentFarm current;

  FeedController(Feeds feeds, CurrentFarm current) {
    this.feeds = feeds;
    this.current = current;
  }

  @GetMapping
  List<Feeds.Feed> all() {
    return feeds.all(current.id());
  }

  /** Makes one and tells its private word, which is not told again. */
  @PostMapping
  Feeds.Made make(@Valid @RequestBody FeedForm form) {
    return feeds.make(current.id(), form.machineId(), form.person());
  }

  @DeleteMapping("/{id}")
  List<Feeds.Feed> takeBack(@PathVariable UUID id) {
    feeds.takeBack(current.id(), id);
    return all();
  }
}
