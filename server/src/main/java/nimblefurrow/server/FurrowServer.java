package nimblefurrow.server;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import nimblefurrow.server.platform.background.RowsByName;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;

/** The application: keeps, serves, imports and exports; the rules of the job are core's. */
@EnableJpaRepositories(repositoryBaseClass = RowsByName.class)
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class FurrowServer {
  private static final LocalTime BEGINS = LocalTime.of(13, 0);

  public static void main(String[] args) {
    SpringApplication.run(FurrowServer.class, args);
  }

  /**
   * The clock that everything asks.
   *
   * @param today a day on which the application is to begin instead of the real one; it runs on
   *     from one in the afternoon of universal time, when that day is the day nearly everywhere.
   *     Empty for the real day.
   */
  @Bean
  Clock clock(@Value("${furrow.today:}") String today) {
    Clock real = Clock.systemDefaultZone();
    return today.isBlank()
        ? real
        : Clock.offset(
            real,
            Duration.between(
                real.instant(), LocalDate.parse(today).atTime(BEGINS).toInstant(ZoneOffset.UTC)));
  }
}
