package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.work.Elsewhere;
import nimblefurrow.core.work.HelpSizes;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Machine;
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
   * @param fields whose jobs are given up, or sown from the air
   * @param by days or hours by which all is earlier or longer; 0 for other helps
   * @param gain dollars a year less lost; what it costs to have is not in it
   * @param chance % of years in which less is lost with it
   * @param atRisk acres a year that are late or never done with it
   */
  record HelpView(
      Help.What what,
      @Maybe String machine,
      List<String> fields,
      @Maybe String words,
      double by,
      @Maybe LocalDate from,
      @Maybe LocalDate to,
      long gain,
      int chance,
      double atRisk) {}

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
    Dispatch.Board board = dispatch.board(current.id());
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

  private static PayerView payer(Dispatch.Board board, Elsewhere.Payer payer) {
    Job job = board.job(payer.job());
    return new PayerView(
        board.field(job).map(f -> f.field().id()).orElse(null),
        job.field(),
        job.words(),
        Math.round(payer.rise().value()));
  }

  private static String name(Dispatch.Board board, String machine) {
    return board.problem().campaign().machines().stream()
        .filter(m -> m.id().equals(machine))
        .map(Machine::name)
        .findFirst()
        .orElseThrow();
  }

  /** What would help most; takes a second or two. */
  @GetMapping("/helps")
  List<HelpView> helps() {
    Dispatch.Board board = dispatch.board(current.id());
    HelpSizes sizes = HelpSizes.of(board.season().day().figures());
    return questions.helps(board).stream().map(h -> view(board, sizes, h)).toList();
  }

  private static HelpView view(Dispatch.Board board, HelpSizes sizes, Help help) {
    List<Job> jobs = help.jobs().stream().map(board::job).toList();
    return new HelpView(
        help.what(),
        help.machine().map(id -> name(board, id)).orElse(null),
        jobs.stream().map(Job::field).toList(),
        jobs.stream().map(Job::words).findFirst().orElse(null),
        switch (help.what()) {
          case EARLIER -> sizes.earlierDays();
          case LONGER -> sizes.longerHours();
          default -> 0;
        },
        help.from().orElse(null),
        help.to().orElse(null),
        Math.round(help.gain().value()),
        (int) Math.round(help.chance().percent()),
        help.atRisk().acres());
  }
}
