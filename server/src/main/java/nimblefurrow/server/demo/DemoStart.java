package nimblefurrow.server.demo;

import nimblefurrow.server.farm.Farms;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Puts the demo farm into an empty database when asked to. */
@Component
class DemoStart implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoStart.class);

  private final Farms farms;
  private final DemoFarm demo;
  private final boolean wanted;
  private final int fields;

  DemoStart(
      Farms farms,
      DemoFarm demo,
      @Value("${furrow.demo}") boolean wanted,
      @Value("${furrow.demo-fields:28}") int fields) {
    this.farms = farms;
    this.demo = demo;
    this.wanted = wanted;
    this.fields = fields;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    if (wanted && farms.none()) {
      demo.build(fields);
      LOG.info("demo farm built");
    }
  }
}
