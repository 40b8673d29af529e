package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A newcomer looks at a made-up farm and comes back. */
@ExtendWith(RunningServer.class)
class SampleFarmTest {
  @Test
  void eachFarmHasACopyOfItsOwnAndTheWayBack() {
    Caller one = new Caller(RunningServer.address()).ownFarm();
    String kept = TestFarm.field(one, "Mine");
    String mine = one.get("/api/v1/session").json().path("farm").asString();
    Caller.Answer looked = one.post("/api/v1/sample", null);
    assertThat(looked.status()).as(looked.text()).isEqualTo(200);
    assertThat(looked.json().path("sample").asBoolean()).isTrue();
    assertThat(one.get("/api/v1/fields").json()).hasSize(28);
    assertThat(one.get("/api/v1/fields/" + kept).status()).as("mine is not there").isEqualTo(404);
    assertThat(one.post("/api/v1/sample", null).status()).isEqualTo(409);
    String taken = one.get("/api/v1/fields").json().get(0).path("field").path("id").asString();
    assertThat(one.delete("/api/v1/fields/" + taken).status()).isEqualTo(200);

    Caller other = new Caller(RunningServer.address()).ownFarm();
    other.post("/api/v1/sample", null);
    assertThat(other.get("/api/v1/fields").json()).as("theirs is whole").hasSize(28);
    assertThat(other.get("/api/v1/fields/" + taken).status()).isEqualTo(404);

    Caller.Answer back = one.delete("/api/v1/sample");
    assertThat(back.json().path("farm").asString()).isEqualTo(mine);
    assertThat(one.get("/api/v1/fields").json()).hasSize(1);
    assertThat(one.delete("/api/v1/sample").status()).isEqualTo(409);
    one.post("/api/v1/sample", null);
    assertThat(one.get("/api/v1/fields").json()).as("as it was left").hasSize(27);
  }
}
