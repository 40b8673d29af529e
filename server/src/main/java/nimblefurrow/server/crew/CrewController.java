package nimblefurrow.server.crew;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.platform.CurrentFarm;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The private addresses of hired crews: made, listed, taken back. */
@RestController
@RequestMapping("/api/v1/crews")
class CrewController {
  record CrewLinkForm(@NotNull UUID machineId, @NotNull LocalDate until) {}

  private final CrewLinks links;
  private final Farms farms;
  private final CurrentFarm current;

  CrewController(CrewLinks links, Farms farms, CurrentFarm current) {
    this.links = links;
    this.farms = farms;
    this.current = current;
  }

  @GetMapping
  List<CrewLinks.CrewLink> all() {
    return links.all(current.id());
  }

  /** Makes one and tells its private word, which is not told again. */
  @PostMapping
  CrewLinks.MadeLink make(@Valid @RequestBody CrewLinkForm form) {
    return links.make(
        current.id(), form.machineId(), form.until(), farms.today(farms.view(current.id())));
  }

  @DeleteMapping("/{id}")
  List<CrewLinks.CrewLink> takeBack(@PathVariable UUID id) {
    links.takeBack(current.id(), id);
    return all();
  }
}
