package nimblefurrow.server.dispatch;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.play.Elsewhere;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Why a job stands where it does, and what elsewhere would cost. */
@RestController
@RequestMapping("/api/v1/dispatch")
class WhyController {
  /**
   * Another place for a job.
   *
   * @param rise dollars a year that the whole list loses more
   */
  record ElsewhereView(
      Elsewhere.How how, @Maybe String machine, long rise, List<PayerView> payers) {}

  record PayerView(@Maybe UUID fieldId, String field, String words, long rise) {}

  private final Dispatch dispatch;
  private final Questions questions;
  private final CurrentFarm current;

  WhyController(Dispatch dispatch, Questions questions, CurrentFarm current) {
    this.questions = questions;
    this.dispatch = dispatch;
    this.current = current;
  }

  @GetMapping("/elsewhere/{cover}/{operation}")
  List<ElsewhereView> elsewhere(@PathVariable UUID cover, @PathVariable Operation operation) {
    Board board = dispatch.board(current.id());
    Job job = board.job(new JobId(cover, operation));
    Map<String, String> machines =
        board.problem().campaign().machines().stream()
            .collect(Collectors.toMap(Machine::id, Machine::name));
    return questions.elsewhere(board, job.id()).stream()
        .map(
            e ->
                new ElsewhereView(
                    e.how(),
                    e.machine().map(machines::get).orElse(null),
                    Math.round(e.rise().value()),
                    e.payers().stream().map(p -> payer(board, p)).toList()))
        .toList();
  }

  private static PayerView payer(Board board, Elsewhere.Payer payer) {
    Job job = board.job(payer.job());
    return new PayerView(
        board.field(job).map(f -> f.field().id()).orElse(null),
        job.field(),
        job.words(),
        Math.round(payer.rise().value()));
  }
}
