package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.work.Elsewhere;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Machine;
import nimblefurrow.core.work.MachineKind;
import nimblefurrow.core.work.Operation;
import nimblefurrow.scheduler.Help;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Why a job stands where it does, what elsewhere would cost, and what would help most. */
@RestController
@RequestMapping("/api/dispatch")
class WhyController {
  /**
   * Another place for a job.
   *
   * @param rise dollars a year that the whole list loses more
   */
  record ElsewhereView(
      Elsewhere.How how, @Maybe String machine, long rise, List<PayerView> payers) {}

  record PayerView(@Maybe UUID fieldId, String field, String words, long rise) {}

  /**
   * Something that would help.
   *
   * @param gain dollars a year less lost; its price is not in it
   * @param atRisk acres a year that are late or never done with it
   */
  record HelpView(
      Help.What what,
      @Maybe String machine,
      @Maybe String field,
      @Maybe String words,
      @Maybe LocalDate from,
      @Maybe LocalDate to,
      long gain,
      double atRisk) {}

  private final Dispatch dispatch;
  private final CurrentFarm current;

  WhyController(Dispatch dispatch, CurrentFarm current) {
    this.dispatch = dispatch;
    this.current = current;
  }

  @GetMapping("/elsewhere/{cover}/{operation}")
  List<ElsewhereView> elsewhere(@PathVariable UUID cover, @PathVariable Operation operation) {
    Dispatch.Board board = dispatch.board(current.id());
    Job job = board.job(new JobId(cover, operation));
    Map<String, String> machines =
        board.problem().campaign().machines().stream()
            .collect(Collectors.toMap(Machine::id, Machine::name));
    return dispatch.elsewhere(board, job.id()).stream()
        .map(
            e ->
                new ElsewhereView(
                    e.how(),
                    e.machine().map(machines::get).orElse(null),
                    Math.round(e.rise().value()),
                    e.payers().stream().map(p -> payer(board, p)).toList()))
        .toList();
  }

  private static PayerView payer(Dispatch.Board board, Elsewhere.Payer payer) {
    Job job = board.job(payer.job());
    return new PayerView(
        board.field(job).map(f -> f.field().id()).orElse(null),
        job.field(),
        job.words(),
        Math.round(payer.rise().value()));
  }

  /** The farm's machine of a kind, which a second one would be like. */
  private static String like(Dispatch.Board board, MachineKind kind) {
    return board.problem().campaign().machines().stream()
        .filter(m -> m.kind() == kind)
        .map(Machine::name)
        .findFirst()
        .orElseThrow();
  }

  /** What would help most; takes a second or two. */
  @GetMapping("/helps")
  List<HelpView> helps() {
    Dispatch.Board board = dispatch.board(current.id());
    return dispatch.helps(board).stream()
        .map(
            h ->
                new HelpView(
                    h.what(),
                    h.kind().map(kind -> like(board, kind)).orElse(null),
                    h.job().map(id -> board.job(id).field()).orElse(null),
                    h.job().map(id -> board.job(id).words()).orElse(null),
                    h.from().orElse(null),
                    h.to().orElse(null),
                    Math.round(h.gain().value()),
                    h.atRisk().acres()))
        .toList();
  }
}
