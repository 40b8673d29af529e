package nimblefurrow.server.platform.background;

import java.util.Arrays;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Brings an older database up; a newer one is left as it is, and the server does not start. */
@Configuration
class KnownSchema {
  @Bean
  FlywayMigrationStrategy upgrade() {
    return flyway -> {
      Arrays.stream(flyway.info().all())
          .filter(m -> m.getState().isApplied() && !m.getState().isResolved())
          .map(MigrationInfo::getVersion)
          .filter(v -> v != null)
          .findFirst()
          .ifPresent(
              newer -> {
                throw new IllegalStateException(
                    ("this database was made by a newer Nimble Furrow (its step %s is unknown to"
                            + " this one): start the newer program, or put back an older copy."
                            + " Nothing was changed")
                        .formatted(newer));
              });
      flyway.migrate();
    };
  }
}
