package nimblefurrow.server.termination;

import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.server.platform.CurrentFarm;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Ten days by the hour for the fields whose covers are to be rolled or sprayed. */
@RestController
@RequestMapping("/api/v1/termination/hours")
class HoursController {
  private final HoursDesk desk;
  private final CurrentFarm current;

  HoursController(HoursDesk desk, CurrentFarm current) {
    this.desk = desk;
    this.current = current;
  }

  /**
   * @param kind how the product works; each field's own planned product where neither it nor {@code
   *     rainFree} is said
   * @param rainFree hours that the label wants; the usual ones of the kind where none are said
   */
  @GetMapping
  HoursView hours(
      @RequestParam(defaultValue = "ROLL") HoursView.HourWork work,
      @RequestParam(required = false) Label.Kind kind,
      @RequestParam(required = false) Double rainFree) {
    return desk.hours(current.id(), work, kind, rainFree);
  }
}
