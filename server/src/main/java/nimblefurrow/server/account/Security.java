package nimblefurrow.server.account;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;

/**
 * Who may do what: pages are open, the API wants a signed-in user, changes want a planner, and an
 * operator may log. Every change carries a CSRF token.
 */
@Configuration
class Security {
  private static final String CONTENT_POLICY =
      "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'";

  @Bean
  SecurityFilterChain rules(HttpSecurity http, SecurityContextRepository contexts)
      throws Exception {
    return http.csrf(csrf -> csrf.spa())
        .securityContext(context -> context.securityContextRepository(contexts))
        .authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers("/api/session", "/api/farms", "/actuator/health")
                    .permitAll()
                    .requestMatchers(HttpMethod.GET, "/api/**")
                    .hasAnyRole("PLANNER", "OPERATOR")
                    .requestMatchers(
                        HttpMethod.POST,
                        "/api/log/**",
                        "/api/cover/try",
                        "/api/advice/**",
                        "/api/loads/**",
                        "/api/calibrations/**",
                        "/api/flight/runs/**")
                    .hasAnyRole("PLANNER", "OPERATOR")
                    .requestMatchers("/api/**")
                    .hasRole("PLANNER")
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            e -> e.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
        .headers(
            headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY)))
        .logout(logout -> logout.disable())
        .requestCache(cache -> cache.disable())
        .build();
  }

  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }

  @Bean
  PasswordEncoder passwords() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }
}
