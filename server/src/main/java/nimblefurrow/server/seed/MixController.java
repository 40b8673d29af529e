package nimblefurrow.server.seed;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.chain.CoverDetails.MemberDetails;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.seed.Mixes.MixView;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Named mixes. */
@RestController
@RequestMapping("/api/v1/mixes")
class MixController {
  record MixForm(
      @NotBlank @Size(max = 60) String name,
      @NotEmpty @Size(max = 8) List<@Valid MemberDetails> members) {}

  private final Mixes mixes;
  private final CurrentFarm current;

  MixController(Mixes mixes, CurrentFarm current) {
    this.mixes = mixes;
    this.current = current;
  }

  @GetMapping
  List<MixView> all() {
    return mixes.all(current.id());
  }

  @PostMapping
  MixView keep(@Valid @RequestBody MixForm form) {
    return mixes.keep(current.id(), form.name(), form.members());
  }

  @DeleteMapping("/{id}")
  void remove(@PathVariable UUID id) {
    mixes.remove(current.id(), id);
  }
}
