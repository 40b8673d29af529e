package nimblefurrow.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** The application: keeps, serves, imports and exports; the rules of the job are core's. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class FurrowServer {
  public static void main(String[] args) {
    SpringApplication.run(FurrowServer.class, args);
  }

  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
